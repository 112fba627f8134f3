<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/** Numbers as they are spoken: "one and three quarter", "two hundred", "a couple of". */
final class NumberWords
{
    /** Numbers in words; several of them add up or multiply: "two hundred", "twenty five". */
    private const CARDINALS = [
        'an' => 1, 'a' => 1, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7,
        'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'thirteen' => 13, 'fourteen' => 14,
        'fifteen' => 15, 'sixteen' => 16, 'seventeen' => 17, 'eighteen' => 18, 'nineteen' => 19, 'twenty' => 20,
        'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'sixty' => 60, 'seventy' => 70, 'eighty' => 80, 'ninety' => 90,
    ];

    /** Parts of one, by their word. */
    private const PARTS = [
        'half' => 2, 'halves' => 2, 'third' => 3, 'thirds' => 3, 'quarter' => 4, 'quarters' => 4, 'fourth' => 4,
        'fourths' => 4, 'fifth' => 5, 'fifths' => 5, 'eighth' => 8, 'eighths' => 8,
    ];

    /** So many, said loosely; common practice, no source. */
    private const LOOSELY = ['a pair of' => 2, 'a couple of' => 2, 'a couple' => 2, 'couple of' => 2, 'couple' => 2,
        'several' => 4, 'a few' => 3, 'half a dozen' => 6, 'half dozen' => 6, 'dozen' => 12];

    /**
     * "half a", "three quarters of a", "one and three quarter", "two hundred", "a couple of".
     *
     * @return array{Numeral, string}|null
     */
    public static function read(string $text): ?array
    {
        foreach (self::LOOSELY as $words => $value) {
            if (preg_match('/^'.$words.'\b/iu', $text, $m) === 1) {
                return [Numeral::mixed($value), substr($text, strlen($m[0]))];
            }
        }
        $whole = self::cardinal($text);
        $part = self::partOfOne($text);
        if ($part !== null) {
            return $part;
        }
        if ($whole === null) {
            return null;
        }
        [$value, $rest] = $whole;
        // "one and three quarter cups"; "two and a half" is read by whoever asks for one number
        if (preg_match('/^\s+and\s+(?=\p{L})/iu', $rest, $m) === 1) {
            $part = self::partOfOne(substr($rest, strlen($m[0])), false);
            if ($part !== null) {
                return [Numeral::mixed($value, $part[0]->numerator, $part[0]->denominator), $part[1]];
            }
        }

        return [Numeral::mixed($value), $rest];
    }

    /** @return array{int, string}|null */
    private static function cardinal(string $text): ?array
    {
        if (preg_match('/^\p{L}+/u', $text, $m) !== 1 || ! isset(self::CARDINALS[mb_strtolower($m[0])])) {
            return null;
        }
        $value = self::CARDINALS[mb_strtolower($m[0])];
        $rest = substr($text, strlen($m[0]));
        if ($value >= 20 && preg_match('/^[\s-]+(\p{L}+)/u', $rest, $m) === 1) {
            $one = self::CARDINALS[mb_strtolower($m[1])] ?? 0;
            if (mb_strlen($m[1]) > 2 && $one > 0 && $one < 10) {
                return [$value + $one, substr($rest, strlen($m[0]))];
            }
        }
        if ($value < 10 && preg_match('/^\s+hundred\b(?:\s+and\s+(?=\p{L}{3}))?/iu', $rest, $m) === 1) {
            $rest = substr($rest, strlen($m[0]));
            $more = self::cardinal(ltrim($rest));

            // "two hundred a jar" is no two hundred and one
            return $more === null || preg_match('/^\s*an?\b/iu', $rest) === 1
                ? [100 * $value, $rest]
                : [100 * $value + $more[0], $more[1]];
        }

        return [$value, $rest];
    }

    /**
     * "half", "half a", "a quarter of a", "three quarters of a", "two thirds".
     *
     * @param bool $isOfOne whether an "of a" behind it belongs to it
     * @return array{Numeral, string}|null
     */
    public static function partOfOne(string $text, bool $isOfOne = true): ?array
    {
        $parts = implode('|', array_keys(self::PARTS));
        $of = $isOfOne ? '(?:\s+(?:of\s+)?an?\b(?!\s+dozen)|\s+of\s+an?\b)?' : '';
        if (preg_match("/^(?:(\\p{L}+|\\d)[\\s-]+)?({$parts})\\b{$of}/iu", $text, $m) !== 1) {
            return null;
        }
        $many = match (true) {
            $m[1] === '' => 1,
            ctype_digit($m[1]) => (int) $m[1],
            default => self::CARDINALS[mb_strtolower($m[1])] ?? 0,
        };
        $of = self::PARTS[mb_strtolower($m[2])];

        return $many > 0 && $many < $of ? [Numeral::mixed(0, $many, $of), substr($text, strlen($m[0]))] : null;
    }
}
