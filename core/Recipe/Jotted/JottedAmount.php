<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Amount\Amount;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Numeral;
use Vinculum\Amount\Unit;
use Vinculum\Amount\Units;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Recipe\Jotted\Reading\Sized;

/**
 * The amount at the head of a jotted line, and what follows it. It finds where the amount ends; what the amount means
 * is for Amount and the pantry.
 */
final readonly class JottedAmount
{
    /**
     * @param string $text the amount as written; '' where only a bare number stands there
     * @param list<string> $others the same amount said again ("500 ml/2 cups")
     * @param string $rest what follows
     * @param string $container the tin or jar it is counted in; '' for none
     * @param bool $bare a number without a unit: what it counts is for the ingredient to say
     * @param Unit|null $unit of its first term
     */
    private function __construct(
        public string $text,
        public array $others,
        public string $rest,
        public bool $bare,
        public string $container = '',
        public ?Unit $unit = null,
    ) {}

    /** Null where the line does not begin with an amount. */
    public static function at(string $line, MeasuringSet|Kitchenware $set): ?self
    {
        $kit = Kitchenware::of($set);
        // "a drop or two of", "a clove or two"
        $line = preg_replace('/^\s*an?\s+(\p{L}+)\s+or\s+two\s+(?=\S)/iu', '1-2 $1 ', $line) ?? $line;
        $first = self::oneOrNone($line, $kit);
        if ($first === null) {
            return null;
        }
        [$text, $rest, $unit] = $first;
        [$text, $rest] = self::summed($text, $rest, $unit, $kit);
        $bare = $unit === null && ! self::isPortioned($text);
        [$others, $rest] = $bare ? [[], $rest] : self::saidAgain($rest, $kit);
        $isContained = preg_match(
            '/^(?:(?:large|small|standard|regular)\s+)?('.Sized::CONTAINER.')\b\s*(?:of\s+)?/iu',
            $rest,
            $match,
        ) === 1;
        if ($bare && $isContained) {
            $container = $match[1];
            // "1 can (400 ml) coconut milk": the size stands behind the tin
            $after = substr($rest, strlen($match[0]));
            $sized
                = preg_match('/^\(([^)]*)\)\s*(?:of\s+)?/u', $after, $bracket) === 1
                    ? self::oneOrNone($bracket[1], $kit)
                    : null;
            if ($sized !== null && self::isMeasured($sized[2])) {
                $rest = trim(substr($after, strlen($bracket[0])));

                return new self(self::times($text, $sized[0], $kit), [], $rest, false, $container, $sized[2]);
            }
            $size
                = preg_match('/^(large|small)\s/iu', $rest, $size) === 1 ? mb_strtolower($size[1]).' ' : '';

            return new self(trim("{$text} {$size}{$container}"), [], trim($after), true, $container);
        }

        return new self($text, $others, trim($rest), $bare, '', $unit);
    }

    /** A weight or a volume that a scale or a spoon shows, and no pinch or handful. */
    public function isMeasuredOut(): bool
    {
        return self::isMeasured($this->unit);
    }

    public function isWeight(): bool
    {
        return $this->unit?->dimension === Dimension::Mass && ! $this->unit->informal;
    }

    /**
     * The number a text begins with, and what follows it; null where there is none that can be read.
     *
     * @return array{Numeral, string}|null
     */
    public static function number(string $text): ?array
    {
        try {
            return Numeral::read($text);
        } catch (UnreadableAmount) {
            return null;
        }
    }

    /** The amount as Amount reads it, where it can. */
    public static function parse(string $text, MeasuringSet|Kitchenware $set): ?Amount
    {
        try {
            return Amount::parse($text, $set);
        } catch (UnreadableAmount) {
            return null;
        }
    }

    /** A unit that a scale or a spoon shows. */
    public static function isMeasured(?Unit $unit): bool
    {
        return $unit !== null
            && ! $unit->informal
            && in_array($unit->dimension, [Dimension::Mass, Dimension::Volume], true);
    }

    /** "3 cm", "2 inch": counted, and yet no bare number. */
    private static function isPortioned(string $text): bool
    {
        return preg_match('/\s(?:cm|inch|thumb)$/u', $text) === 1;
    }

    /**
     * A sum goes on as long as units do: "1 tbsp + 1 tsp", "1 cup and 2 tbsp", "2 lb 4 oz".
     *
     * @return array{string, string}
     */
    private static function summed(string $text, string $rest, ?Unit $unit, Kitchenware $kit): array
    {
        while (
            $unit !== null
            && preg_match('/^\s*(\+|plus\b|and\b|)\s*(?=(?:'.Numeral::BEGINS.'|an?\s))/iu', $rest, $match) === 1
        ) {
            $next = self::oneOrNone(substr($rest, strlen($match[0])), $kit);
            if (
                $next === null
                || $next[2] === null
                || ($match[1] === ''
                    && ($next[2]->dimension !== $unit->dimension
                        || $next[2]->size >= $unit->size
                        || $next[2]->informal))
                // "1/4 cup honey + 2 tbsp soy" is two things, "1 cup + 2 tbsp honey" one
                || ($match[1] !== '' && trim($next[1]) === '')
            ) {
                break;
            }
            $text .= ' + '.$next[0];
            $rest = $next[1];
        }

        return [$text, $rest];
    }

    /**
     * @return array{list<string>, string} the same amount in other words, and what follows
     */
    private static function saidAgain(string $rest, Kitchenware $kit): array
    {
        $others = [];
        foreach (
            [
                '/^\s*(?:\/|,|\bor\b|=|\|)\s*(?='.Numeral::BEGINS.')/iu',
                '/^\s*[(\[]\s*(?:about\s+|or\s+|approx\.?\s+|~\s*)?(?='.Numeral::BEGINS.')/iu',
            ] as $i => $pattern
        ) {
            if (preg_match($pattern, $rest, $match) === 1) {
                $next = self::oneOrNone(substr($rest, strlen($match[0])), $kit);
                if ($next === null || $next[2] === null) {
                    continue;
                }
                // "1kg/2lb 4oz"
                [$other, $behind] = self::summed($next[0], $next[1], $next[2], $kit);
                // "1 cup ketchup, 1/2 cup vinegar" comes here only behind the first name
                if ($i === 0 || preg_match('/^\s*[)\]]/', $behind) === 1) {
                    $others[] = $other;
                    $rest = $i === 0 ? $behind : (string) preg_replace('/^\s*[)\]]/', '', $behind);
                }
            }
        }

        return [$others, self::withoutOf($rest)];
    }

    /**
     * @return array{string, string, Unit|null}|null
     */
    private static function oneOrNone(string $line, Kitchenware $kit): ?array
    {
        try {
            return self::one($line, $kit);
        } catch (UnreadableAmount) {
            return null;
        }
    }

    /**
     * One number and its unit.
     *
     * @return array{string, string, Unit|null}|null text, rest, the unit if it has one
     *
     * @throws UnreadableAmount
     */
    private static function one(string $line, Kitchenware $kit): ?array
    {
        // "a 5 cm piece"
        $line = preg_replace('/^\s*an?\s+(?='.Numeral::BEGINS.')/iu', '', $line) ?? $line;
        $line
            = preg_replace(
                '/^\s*(?:an?\s+)?(large|small|big|good|generous)\s+(?=(?:bunch|handful|sprig|head|bulb|knob|'
                    .'piece|clove|stick|stalk)\b)/iu',
                '1 $1 ',
                $line,
            ) ?? $line;
        $line = ltrim($line);
        $length = Amount::looseLength($line, $kit);
        $loose = rtrim(substr($line, 0, $length));
        $after = ltrim(substr($line, $length));
        $piece = Sized::pieceOf($after);
        if ($piece !== null) {
            return $piece;
        }
        $read = Numeral::read($after);
        if ($read === null && preg_match('/^an?(?:\s|$)/i', $loose) === 1) {
            // "a generous cup": the article is the number
            $read = [Numeral::mixed(1), $after];
        }
        if ($read === null) {
            $word = preg_split('/\s+/', $after, 2) ?: [''];
            $unit = $kit->find($word[0]);
            $isCounted
                = preg_match('/^(?:bunch|bulb|head|sprig|stalk|handful|thumb|knob)$/iu', $word[0]) === 1;

            return $unit?->informal === true || ($isCounted && isset($word[1]))
                ? [
                    trim("{$loose} {$word[0]}"),
                    self::withoutOf($word[1] ?? ''),
                    $unit ?? Units::count($word[0]),
                ]
                : null;
        }
        $rest = $read[0]->value < 1.0 ? (string) preg_replace('/^\s*of\s+an?\b/iu', '', $read[1]) : $read[1];
        $number = rtrim(substr($after, 0, strlen($after) - strlen($read[1])));
        $head = trim("{$loose} {$number}");
        $sized = Sized::containersOf($read[0]->value, $rest, $kit) ?? Sized::lengthOf($head, $rest);
        if ($sized !== null) {
            return $sized;
        }
        $rest = preg_replace('/^-(?=\p{L})/u', '', $rest) ?? $rest;
        $length = Amount::looseLength(ltrim($rest), $kit);
        $between = rtrim(substr(ltrim($rest), 0, $length));
        $tail = ltrim(substr(ltrim($rest), $length));
        $vessel = $kit->leading($tail);
        if ($vessel !== null) {
            return [
                trim("{$head} ".ltrim(trim("{$between} {$vessel[1]}"))),
                self::withoutOf(substr($tail, strlen($vessel[1]))),
                $vessel[0],
            ];
        }
        return self::measured($read[0], $head, $loose, $rest, $between, $tail, $kit) ?? [
            $between === '' ? $head : trim("{$head} {$between}"),
            self::withoutOf($between === '' ? $rest : $tail),
            null,
        ];
    }

    /**
     * A number with the unit behind it, which may be glued to it, and of two or three words.
     *
     * @return array{string, string, Unit}|null
     */
    private static function measured(
        Numeral $number,
        string $head,
        string $loose,
        string $rest,
        string $between,
        string $tail,
        Kitchenware $kit,
    ): ?array {
        $glued = preg_match('/^\p{L}/u', $rest) === 1 && preg_match('/\d$/', $head) === 1;
        foreach (
            [
                '/^(#)/u',
                '/^([\p{L}.]+\s+\p{L}+\s+[\p{L}.]+)(?=[^\p{L}]|$)/u',
                '/^([\p{L}.]+\s+[\p{L}.]+)(?=[^\p{L}]|$)/u',
                '/^(\p{L}+\.?)(?=[^\p{L}]|$)/u',
            ] as $pattern
        ) {
            if (preg_match($pattern, $tail, $word) !== 1) {
                continue;
            }
            $unit = $kit->find($word[1]);
            $follows = substr($tail, strlen($word[1]));
            // "2 each" counts; "2 each onions" is 2 of what follows
            $isAside = $unit?->dimension === Dimension::Count
                && trim($follows) !== ''
                && mb_strtolower($word[1]) === 'each';
            if ($unit === null || $isAside) {
                continue;
            }
            [$later, $follows] = self::looseBehind($follows, $kit);
            $between = trim("{$between} {$later}");
            $text = trim("{$between} {$word[1]}");
            $more = self::andAPart($number, $follows);
            if ($more !== null) {
                return [trim("{$loose} {$more[0]->text()} {$text}"), self::withoutOf($more[1]), $unit];
            }

            return [
                $glued ? $head.$text : trim("{$head} {$text}"),
                self::withoutOf($follows),
                $unit,
            ];
        }

        return null;
    }

    /**
     * "1 cup heaping brown sugar", "1 Tbsp heaped, garam masala": the loose word may stand behind.
     *
     * @return array{string, string} the word, or nothing, and what follows
     */
    private static function looseBehind(string $follows, Kitchenware $kit): array
    {
        $behind = Amount::looseLength(ltrim($follows, ' '), $kit);
        $later = trim(substr(ltrim($follows, ' '), 0, $behind));
        $last = '/^\s+(heaped|heaping|rounded|level|scant|generous)\s*(?:,|$)/iu';
        if ($later === '' && preg_match($last, $follows, $match) === 1) {
            $later = $match[1];
            $behind = strlen(ltrim($match[0]));
        }

        return preg_match('/^(?:heaped|heaping|rounded|level|scant|generous|overflowing)\b/iu', $later) === 1
            ? [$later, ltrim(substr(ltrim($follows, ' '), $behind), ' ,')]
            : ['', $follows];
    }

    private const AND_A_PART = '/^\s+(?:and|&)\s+(?=(?:an?\s+)?(?:half|quarter|third|three)|[½¼¾⅓⅔])/iu';

    /**
     * "a cup and a half of": the number it makes, and what follows; null where no part stands behind the measure.
     *
     * @return array{Numeral, string}|null
     */
    private static function andAPart(Numeral $number, string $follows): ?array
    {
        if (
            $number->value !== (float) $number->whole
            || preg_match(self::AND_A_PART, $follows, $match) !== 1
        ) {
            return null;
        }
        $part = self::number(substr($follows, strlen($match[0])));

        return $part === null || $part[0]->whole > 0 || preg_match('/^\s+(?:cups?|tbsp|tsp|an?\s)/iu', $part[1]) === 1
            ? null
            : [Numeral::mixed($number->whole, $part[0]->numerator, $part[0]->denominator), $part[1]];
    }

    /** A share of an amount, measured as it is; null where it is nothing that can be shared out. */
    public static function share(string $text, float $share, MeasuringSet|Kitchenware $set): ?string
    {
        $parts = [];
        foreach (self::parse($text, $set)->terms ?? [] as $term) {
            $parts[] = trim(Numeral::digits((float) sprintf('%.3g', $share * $term->number->value))." {$term->words}");
        }

        return $parts === [] ? null : implode(' + ', $parts);
    }

    private static function times(string $count, string $size, Kitchenware $kit): string
    {
        $number = Numeral::read(preg_replace('/^an?\s*$/iu', '1', $count) ?? $count)[0]->value ?? 1.0;
        $term = self::parse($size, $kit)?->terms[0] ?? null;

        return $term?->unit === null || $number === 1.0
            ? $size
            : Numeral::digits($number * $term->number->value).' '.$term->unit->name;
    }

    public static function withoutOf(string $rest): string
    {
        return trim((string) preg_replace('/^\s*(?:of\s+(?:the\s+|your\s+|my\s+)?)/iu', '', $rest));
    }
}
