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

    /** "2 lb 1 oz", "1 kg 200 g", "1 cup 2 tbsp": a unit with so much of its smaller one behind it is a sum. */
    private const LARGE_AND_SMALL
        = '/(?<![a-z])(?:(?:lbs?|pounds?)(?=\s+[\d½⅓⅔¼¾⅛][\d½⅓⅔¼¾⅛\s\/.]*(?:oz|ounces?)\b)'
        .'|(?:kg|kilos?)(?=\s+[\d.]+\s*(?:g|grams?)\b)'
        .'|(?:l|lit(?:re|er)s?)(?=\s+[\d.]+\s*ml\b)'
        .'|cups?(?=\s+[\d½⅓⅔¼¾⅛][\d½⅓⅔¼¾⅛\s\/.]*(?:tbsps?|tablespoons?|tsps?|teaspoons?)\b)'
        .'|(?:tbsps?|tablespoons?)(?=\s+[\d½⅓⅔¼¾⅛][\d½⅓⅔¼¾⅛\s\/.]*(?:tsps?|teaspoons?)\b))/iu';

    /** How a loose word changes the number it stands before. Common practice, no source. */
    private const LOOSE_WORDS = [
        'heaped' => 1.5,
        'heaping' => 1.5,
        'rounded' => 1.25,
        'overflowing' => 1.25,
        'healthy' => 1.5,
        'hefty' => 1.5,
        'tiny' => 0.5,
        'modest' => 0.75,
        'small' => 0.75,
        'little' => 0.75,
        'large' => 1.5,
        'fat' => 1.25,
        'nice' => 1.0,
        'decent' => 1.0,
        'full' => 1.0,
        'barely' => 0.95,
        'nearly' => 0.95,
        'almost' => 0.95,
        'max' => 1.0,
        'min' => 1.0,
        'abt' => 1.0,
        'estimated' => 1.0,
        'generous' => 1.15,
        'good' => 1.15,
        'big' => 1.15,
        'scant' => 0.9,
        'level' => 1.0,
        'flat' => 1.0,
        'medium' => 1.0,
        'struck' => 1.0,
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

    /** The same in several words. Common practice, no source. */
    private const LOOSE_PHRASES = [
        'a (?:little|bit|touch) (?:more than|over)' => 1.1,
        'a (?:little|bit|touch) (?:less than|under)' => 0.9,
        '(?:slightly )?more than' => 1.1,
        '(?:slightly )?less than' => 0.9,
        'just under' => 0.95,
        'just over' => 1.05,
        'up to' => 1.0,
        'at (?:least|most)' => 1.0,
        'no more than' => 1.0,
        'something like' => 1.0,
        'or so' => 1.0,
    ];

    /** Sizes, which are loose words only of a measure that is loose itself: "a small pinch", but "a small onion". */
    private const SIZES = ['small', 'little', 'medium', 'large', 'big', 'fat', 'good', 'nice', 'full'];

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

    /**
     * Grams where every term of it is a weight, or a volume of what has a density; null where one is neither.
     *
     * @param float|null $density g/mL
     */
    public function grams(?float $density = null): ?float
    {
        $grams = 0.0;
        foreach ($this->terms as $term) {
            $perUnit = match ($term->unit?->dimension) {
                Dimension::Mass => 1.0,
                Dimension::Volume => $density,
                default => null,
            };
            if ($term->unit === null || $perUnit === null) {
                return null;
            }
            $grams += $this->factor * $term->number->value * $term->unit->size * $perUnit;
        }

        return $this->terms === [] ? null : $grams;
    }

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
        $plain = trim(preg_replace('/[\s\x{00A0}\x{202F}]+/u', ' ', Numeral::plainDigits($text)) ?? '');
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
        [$factor, $loose, $lead, $rest] = self::looseWords($plain, $kit);
        // neither is a sum: "between 2 and 3 tbsp", "one and a half cups"
        $rest = preg_replace('/^between\s+(.+?)\s+and\s+/iu', '$1-', $rest) ?? $rest;
        if (preg_match('/^\S+\s+and\s+a\s+(?:half|quarter|third)\b/iu', $rest, $match) === 1) {
            $number = Numeral::read($match[0]);
            $rest = $number === null ? $rest : $number[0]->text().substr($rest, strlen($match[0]));
        }
        $rest = preg_replace(self::LARGE_AND_SMALL, '$0 + ', $rest) ?? $rest;
        $terms = [];
        foreach (
            preg_split('/\s*\+\s*|\s+plus\s+|\s+and\s+(?=(?:an?\s|half\b|[\d½⅓⅔¼¾⅛]+\s*[a-z]))/iu', $rest)
            ?: [] as $part
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
        [$more, $isLoose, $word, $words] = self::looseWords(trim($words), $kit);
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
     * How much of the head of a text is words that make an amount loose, bytes.
     */
    public static function looseLength(string $text, Kitchenware $kit): int
    {
        [, , $lead, $rest] = self::looseWords($text, $kit);

        return $lead === '' ? 0 : max(0, strlen($text) - strlen((string) preg_replace('/^a /', '', $rest)));
    }

    /** "pinch of", "tbsp": what a size may stand before and mean the measure. */
    private static function beginsWithUnit(string $text, Kitchenware $kit): bool
    {
        $words = preg_split('/[\s,]+/u', ltrim($text), 3) ?: [''];
        if (preg_match('/^[\d½⅓⅔¼¾⅛]/u', $text) === 1) {
            return true;
        }
        $unit = $kit->find($words[0]);

        return ($unit !== null && ($unit->informal || $unit->dimension === Dimension::Volume))
            || preg_match(
                '/^(?:bunch(?:es)?|sprigs?|cloves?|heads?|bulbs?|sticks?|stalks?|slices?|leaf|leaves|pods?|'
                    .'tins?|cans?|jars?|knobs?|handfuls?|bags?|punnets?)$/iu',
                $words[0],
            ) === 1;
    }

    /**
     * @return array{float, bool, string, string} factor, whether it widens the spread, the words, what follows
     */
    private static function looseWords(string $text, Kitchenware $kit): array
    {
        $factor = 1.0;
        $loose = false;
        $lead = [];
        foreach (self::LOOSE_PHRASES as $phrase => $times) {
            if (preg_match("/^{$phrase}\\s+(?=\\S)/iu", $text, $match) === 1) {
                $factor *= $times;
                $loose = true;
                $lead[] = mb_strtolower(trim($match[0]));
                $text = substr($text, strlen($match[0]));
            }
        }
        while (preg_match('/^(?:an?\s+)?([\p{L}]+\.?|[~≈])\s*(?=\S)/u', $text, $match) === 1) {
            $word = mb_strtolower(rtrim($match[1], '.'));
            $follows = substr($text, strlen($match[0]));
            if (
                ! isset(self::LOOSE_WORDS[$word])
                || ($word === 'c' && preg_match('/^c\.?\s*\d/i', $text) !== 1)
                // a can is no "ca."
                || ($word === 'ca' && preg_match('/^ca\.?\s*\d/i', $text) !== 1)
                || (in_array($word, self::SIZES, true) && ! self::beginsWithUnit($follows, $kit))
            ) {
                break;
            }
            $factor *= self::LOOSE_WORDS[$word];
            $loose = $loose || ! in_array($word, ['level', 'flat', 'struck', 'medium'], true);
            $lead[] = $word;
            // keep "a" for the number: "a generous cup" is one cup, "a generous 1/4 cup" is not
            $text
                = preg_match('/^an?\s+/i', $match[0]) === 1 && preg_match('/^[\d½⅓⅔¼¾⅛]/u', $follows) !== 1
                    ? 'a '.substr($text, strlen($match[0]))
                    : substr($text, strlen($match[0]));
        }

        return [$factor, $loose, implode(' ', $lead), $text];
    }
}
