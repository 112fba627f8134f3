<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/**
 * An amount as the maker wrote it, read into numbers and units. It knows no ingredient: "3 cloves" stays three of
 * something called a clove until the pantry says what one weighs.
 */
final class Amount
{
    /** Amounts read before, which are kept; an amount never changes. */
    private const REMEMBERED = 2000;

    /** @var array<string, self> */
    private static array $readBefore = [];

    private const MAX_LENGTH = 200;

    /** How a loose word changes the number it stands before. Common practice, no source. */
    private const LOOSE_WORDS = [
        'heaped' => 1.5,
        'heaping' => 1.5,
        'rounded' => 1.25,
        'generous' => 1.15,
        'good' => 1.15,
        'big' => 1.15,
        'scant' => 0.9,
        'level' => 1.0,
        'about' => 1.0,
        'around' => 1.0,
        'roughly' => 1.0,
        'approx' => 1.0,
        'approximately' => 1.0,
        'circa' => 1.0,
        'ca' => 1.0,
        'c' => 1.0,
        '~' => 1.0,
        '≈' => 1.0,
    ];

    /**
     * @param list<AmountTerm> $terms what is added up; empty where it is "to taste"
     * @param float $factor from a loose word such as "heaped"; 1 without one
     * @param string $lead the loose word itself, shown before the number
     */
    private function __construct(
        public readonly string $text,
        public readonly array $terms,
        public readonly float $factor,
        public readonly bool $loose,
        public readonly string $lead,
    ) {}

    public function isToTaste(): bool
    {
        return $this->terms === [];
    }

    /**
     * @throws UnreadableAmount where no number and unit can be made of it
     */
    public static function parse(string $text, MeasuringSet|Kitchenware $set): self
    {
        $kit = Kitchenware::of($set);
        if ($kit->hasVessels()) {
            return self::read($text, $kit);
        }
        // a recipe is weighed again with every change, and most of its amounts are the same words
        $key = "{$kit->set->value} {$text}";
        if (count(self::$readBefore) >= self::REMEMBERED) {
            self::$readBefore = [];
        }

        return self::$readBefore[$key] ??= self::read($text, $kit);
    }

    private static function read(string $text, Kitchenware $kit): self
    {
        $plain = trim(preg_replace('/[\s\x{00A0}\x{202F}]+/u', ' ', $text) ?? '');
        if (mb_strlen($plain) > self::MAX_LENGTH) {
            throw UnreadableAmount::tooLong();
        }
        if ($plain === '') {
            throw UnreadableAmount::empty();
        }
        if (preg_match('/^(?:(?:to|as) (?:taste|needed)|some|a little)$/i', $plain) === 1) {
            return new self($text, [], 1.0, true, '');
        }
        if (preg_match('/^[-–−]\s*[\d½⅓⅔¼¾]/u', $plain) === 1) {
            throw UnreadableAmount::negative($plain);
        }
        [$factor, $loose, $lead, $rest] = self::looseWords($plain);
        $terms = [];
        foreach (
            preg_split('/\s*\+\s*|\s+plus\s+|\s+and\s+(?=(?:an?\s|half\b|[\d½⅓⅔¼¾⅛]+\s*[a-z]))/iu', $rest) ?: [] as $part
        ) {
            $terms[] = self::term($part, $kit, $plain, $factor, $loose, $lead);
        }

        return new self($text, $terms, $factor, $loose, $lead);
    }

    private static function term(
        string $part,
        Kitchenware $kit,
        string $whole,
        float &$factor,
        bool &$loose,
        string &$lead,
    ): AmountTerm {
        $read = Numeral::read($part);
        if ($read === null) {
            // "pinch of salt", "juice of 1": one of a thing that is named without a number
            if ($kit->find(explode(' ', $part)[0])?->informal !== true) {
                throw UnreadableAmount::noNumber($whole);
            }
            $read = [Numeral::unwritten(), $part];
        }
        [$number, $words] = $read;
        if ($number->value * $factor > 1e6) {
            throw UnreadableAmount::outOfRange($whole);
        }
        // "a heaped tbsp": the loose word may stand behind the number as well
        [$more, $isLoose, $word, $words] = self::looseWords(trim($words));
        if ($word !== '') {
            $factor *= $more;
            $loose = $loose || $isLoose;
            $lead = trim("{$lead} {$word}");
        }
        $words = preg_replace('/^of\s+/i', '', $words) ?? $words;

        return new AmountTerm($number, $words, $kit->find($words) ?? self::leadingUnit($words, $kit));
    }

    /** "pinch of salt" and "tbsp, level" still start with a unit. */
    private static function leadingUnit(string $words, Kitchenware $kit): ?Unit
    {
        if (preg_match('/^(.+?)(?:\s+of\b.*|,.*)$/iu', $words, $match) !== 1) {
            return null;
        }

        return $kit->find($match[1]);
    }

    /**
     * @return array{float, bool, string, string} factor, whether it widens the spread, the words, what follows
     */
    private static function looseWords(string $text): array
    {
        $factor = 1.0;
        $loose = false;
        $lead = [];
        while (preg_match('/^(?:an?\s+)?([\p{L}]+\.?|[~≈])\s*(?=\S)/u', $text, $match) === 1) {
            $word = mb_strtolower(rtrim($match[1], '.'));
            if (! isset(self::LOOSE_WORDS[$word]) || ($word === 'c' && preg_match('/^c\.?\s*\d/i', $text) !== 1)) {
                break;
            }
            $factor *= self::LOOSE_WORDS[$word];
            $loose = $loose || $word !== 'level';
            $lead[] = $word;
            // keep "a" for the number: "a generous cup" is one cup
            $text
                = preg_match('/^an?\s+/i', $match[0]) === 1
                    ? 'a '.substr($text, strlen($match[0]))
                    : substr($text, strlen($match[0]));
        }

        return [$factor, $loose, implode(' ', $lead), $text];
    }
}
