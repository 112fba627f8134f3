<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\Numeral;
use Vinculum\Amount\Unit;
use Vinculum\Recipe\Jotted\JottedAmount;

/** Amounts that are said by a size: a piece so long, so many tins of so much each. */
final class Sized
{
    /** What a thing is bought or kept in. */
    public const CONTAINER
        = 'tins?|cans?|jars?|bottles?|packets?|packs?|packages?|pkgs?|pouch(?:es)?|cartons?|bags?|tubs?|boxes|'
        .'box|punnets?|pots?|sachets?|envelopes?'
        .'|tubes?|blocks?|containers?';

    /**
     * "thumb-sized piece of ginger", "a thumb of".
     *
     * @return array{string, string, Unit|null}|null
     */
    public static function pieceOf(string $text): ?array
    {
        $pattern = '/^(?:(an?|one|two|three|\d+)\s+)?(?:(?:large|small|big|good)\s+)?thumb(?:[- ]?(?:sized?|'
            .'length))?\s+'
            .'(?:piece|knob|chunk|lump|bit|nub)s?\s+(?:of\s+)?/iu';
        if (preg_match($pattern, $text, $match) !== 1) {
            return null;
        }
        $count = Numeral::read(($match[1] ?? '') === '' ? '1' : $match[1])[0]->value ?? 1.0;

        return [Numeral::digits($count).' thumb', JottedAmount::withoutOf(substr($text, strlen($match[0]))), null];
    }

    /**
     * "5 cm piece of", "2-inch knob of", "1\" ", "2.5 cm / 1 in piece".
     *
     * @return array{string, string, Unit|null}|null
     */
    public static function lengthOf(string $head, string $rest): ?array
    {
        $noun = '(?:piece|knob|length|stick|chunk|slice|bit|lump|nub|root|thumb)s?';
        if (
            preg_match(
                '/^\s*-?\s*(cm|centimet(?:re|er)s?|inch(?:es)?|in\b\.?|'
                    .'["”″])\s*-?(?:\s*\/\s*[\d.,½¼¾]+\s*-?(?:cm|in|inch(?:es)?|["”″])\.?)?\s*(?:'
                    .$noun
                    .'(?=\W|$))?\s*(?:of\s+)?/iu',
                $rest,
                $match,
            ) !== 1
            || (str_starts_with(mb_strtolower($match[1]), 'in')
                && ! str_starts_with(mb_strtolower($match[1]), 'inch')
                && preg_match("/{$noun}/iu", $match[0]) !== 1)
        ) {
            return null;
        }
        $unit = str_starts_with(mb_strtolower($match[1]), 'c') ? 'cm' : 'inch';

        return ["{$head} {$unit}", JottedAmount::withoutOf(substr($rest, strlen($match[0]))), null];
    }

    /**
     * "1 (400 g) tin", "2 x 400g tins", "1 x 12-oz bag": so many, each of that size.
     *
     * @return array{string, string, Unit|null}|null
     */
    public static function containersOf(float $count, string $rest, Kitchenware $kit): ?array
    {
        $size = '(\d+(?:[.,]\d+)?)\s*-?\s*(g|gr|kg|ml|cl|l|oz|fl\.?\s*oz|lb|pint|ounces?|grams?)\b';
        if (
            preg_match(
                '/^\s*(?:x|×|\*)?\s*\(?\s*'
                    .$size
                    .'\.?\s*\)?\s*(?:each\s*)?('
                    .self::CONTAINER
                    .')\b/iu',
                $rest,
                $each,
            ) === 1
        ) {
            $follows = substr($rest, strlen($each[0]));
            $total = $count * (float) strtr($each[1], ',', '.');
            $unit = $kit->find($each[2]);
            $tin = preg_match('/^(?:tin|can)/i', $each[3]) === 1 ? 'tin of ' : '';

            return $unit === null
                ? null
                : [
                    Numeral::digits($total).' '.mb_strtolower($each[2]),
                    $tin.JottedAmount::withoutOf($follows),
                    $unit,
                ];
        }
        // "400g can of" begins with the size itself
        if (
            preg_match(
                '/^\s*(g|gr|kg|ml|cl|l|oz|lb)\.?\s*('.self::CONTAINER.')\b\s*(?:of\s+)?/iu',
                $rest,
                $each,
            ) === 1
        ) {
            $unit = $kit->find($each[1]);
            $tin = preg_match('/^(?:tin|can)/i', $each[2]) === 1 ? 'tin of ' : '';

            return $unit === null
                ? null
                : [
                    Numeral::digits($count).' '.mb_strtolower($each[1]),
                    $tin.JottedAmount::withoutOf(substr($rest, strlen($each[0]))),
                    $unit,
                ];
        }

        return null;
    }
}
