<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Amount\Amount;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Numeral;
use Vinculum\Amount\UnreadableAmount;

/**
 * The amount at the head of a jotted line, and what follows it. It finds where the amount ends; what the amount means
 * is for Amount and the pantry.
 */
final readonly class JottedAmount
{
    private const LOOSE = 'about|around|roughly|approx(?:imately)?\.?|circa|generous|good|big|heaped|heaping|rounded|scant|level|~|≈';

    /**
     * @param string $text the amount as written; '' where only a bare number stands there
     * @param list<string> $others the same amount said again ("500 ml/2 cups")
     * @param string $rest what follows
     * @param string $container the tin or jar it is counted in; '' for none
     * @param bool $bare a number without a unit: what it counts is for the ingredient to say
     */
    private function __construct(
        public string $text,
        public array $others,
        public string $rest,
        public bool $bare,
        public string $container = '',
    ) {}

    /** Null where the line does not begin with an amount. */
    public static function at(string $line, MeasuringSet|Kitchenware $set): ?self
    {
        try {
            $first = self::one($line, $set);
        } catch (UnreadableAmount) {
            return null;
        }
        if ($first === null) {
            return null;
        }
        [$text, $rest, $bare] = $first;
        // a sum goes on as long as units do: "1 tbsp + 1 tsp", "1 cup and 2 tbsp"
        while (! $bare && preg_match('/^\s*(?:\+|plus\b|and\b)\s*(?=[\d½⅓⅔¼¾⅛a])/iu', $rest, $match) === 1) {
            $next = self::oneOrNone(substr($rest, strlen($match[0])), $set);
            if ($next === null || $next[2]) {
                break;
            }
            $text .= ' + '.$next[0];
            $rest = $next[1];
        }
        $others = [];
        foreach (
            ['/^\s*(?:\/|,|\bor\b|=)\s*(?=[\d½⅓⅔¼¾⅛])/iu', '/^\s*\(\s*(?:about\s+|or\s+)?(?=[\d½⅓⅔¼¾⅛])/iu'] as $i => $pattern
        ) {
            if (! $bare && preg_match($pattern, $rest, $match) === 1) {
                $next = self::oneOrNone(substr($rest, strlen($match[0])), $set);
                if ($next !== null && ! $next[2] && ($i === 0 || preg_match('/^\s*\)/', $next[1]) === 1)) {
                    $others[] = $next[0];
                    $rest = $i === 0 ? $next[1] : (string) preg_replace('/^\s*\)/', '', $next[1]);
                }
            }
        }

        $container = preg_match('/^(tins?|cans?)\b\s*(?:of\s+)?/iu', $rest, $match) === 1 ? $match[1] : '';

        return new self($text, $others, trim(substr($rest, strlen($match[0] ?? ''))), $bare, $container);
    }

    /**
     * @return array{string, string, bool}|null
     */
    private static function oneOrNone(string $line, MeasuringSet|Kitchenware $set): ?array
    {
        try {
            return self::one($line, $set);
        } catch (UnreadableAmount) {
            return null;
        }
    }

    /**
     * One number and its unit.
     *
     * @return array{string, string, bool}|null text, rest, whether it has no unit
     *
     * @throws UnreadableAmount
     */
    private static function one(string $line, MeasuringSet|Kitchenware $set): ?array
    {
        $line = ltrim($line);
        preg_match('/^(?:(?:an?\s+)?(?:'.self::LOOSE.')\s*)*/iu', $line, $match);
        $loose = $match[0] ?? '';
        $after = substr($line, strlen($loose));
        $read = Numeral::read($after);
        if ($read === null && preg_match('/^an?\s/i', $loose) === 1) {
            // "a generous cup": the article is the number
            $read = [Numeral::mixed(1), $after];
        }
        if ($read === null) {
            $word = preg_split('/\s+/', $after, 2) ?: [''];
            $unit = Kitchenware::of($set)->find($word[0]);

            return $unit?->informal === true
                ? [trim($loose.$word[0]), self::withoutOf($word[1] ?? ''), false]
                : null;
        }
        $rest = $read[1];
        $number = rtrim(substr($after, 0, strlen($after) - strlen($rest)));
        $head = trim($loose.$number);
        // "1 (400 g) tin": so many, each of that size
        if (
            preg_match(
                '/^\s*(?:x\s*)?\(?\s*(\d+(?:[.,]\d+)?)\s*-?\s*(g|kg|ml|l|oz)\b\)?\s*(?:each\s*)?(tins?|cans?|jars?|bottles?|packets?|packs?|pouch(?:es)?|cartons?|bags?)\b/iu',
                $rest,
                $each,
            ) === 1
        ) {
            $size = $read[0]->value * (float) strtr($each[1], ',', '.');

            $tin = preg_match('/^(?:tin|can)/i', $each[3]) === 1 ? 'tin of ' : '';

            return [
                rtrim(rtrim(sprintf('%.3f', $size), '0'), '.').' '.strtolower($each[2]),
                $tin.self::withoutOf(substr($rest, strlen($each[0]))),
                false,
            ];
        }
        preg_match('/^\s*(?:(?:'.self::LOOSE.')\s+)*/iu', $rest, $looser);
        $between = $looser[0] ?? '';
        $tail = substr($rest, strlen($between));
        $vessel = Kitchenware::of($set)->leading($tail);
        if ($vessel !== null) {
            return [
                trim("{$head} ".ltrim("{$between}{$vessel[1]}")),
                self::withoutOf(substr($tail, strlen($vessel[1]))),
                false,
            ];
        }
        foreach (
            ['/^([\p{L}.]+\.?\s+(?:oz|ounces?)\.?)(?=\W|$)/iu', '/^(\p{L}+\.?)(?=[^\p{L}]|$)/u'] as $pattern
        ) {
            if (preg_match($pattern, $tail, $word) === 1) {
                $unit = Kitchenware::of($set)->find($word[1]);
                $follows = substr($tail, strlen($word[1]));
                if ($unit !== null && self::isMeant($word[1], $follows, $unit->dimension)) {
                    return [
                        trim(
                            $head
                                .(preg_match('/^\p{L}/u', $rest) === 1 && preg_match('/\d$/', $head) === 1
                                    ? ''
                                    : ' ')
                                .trim($between.$word[1]),
                        ),
                        self::withoutOf($follows),
                        false,
                    ];
                }
            }
        }

        return [$head, self::withoutOf($rest), true];
    }

    /** A word that is a unit is not always meant as one: "2 whole cloves" counts cloves. */
    private static function isMeant(string $word, string $follows, Dimension $dimension): bool
    {
        return $dimension !== Dimension::Count || trim($follows) === '' || preg_match('/^each$/i', $word) !== 1;
    }

    private static function withoutOf(string $rest): string
    {
        return trim((string) preg_replace('/^\s*(?:of\s+(?:the\s+)?)/iu', '', $rest));
    }

    /**
     * The grams and millilitres of two ways to say an amount, where both can be told without knowing the ingredient.
     */
    public static function parse(string $text, MeasuringSet|Kitchenware $set): ?Amount
    {
        try {
            return Amount::parse($text, $set);
        } catch (UnreadableAmount) {
            return null;
        }
    }
}
