<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Mixture\Constituent;

/** What heat and fire make of one thing in a pot: linear, so of a line's part and of a slope as well. */
final class Turning
{
    /**
     * Raw starch that has swollen, and thickens.
     *
     * @param array<int, float> $grams by Constituent
     */
    public static function swell(array &$grams): void
    {
        if ($grams[Constituent::STARCH_RAW] !== 0.0) {
            $grams[Constituent::STARCH_COOKED] += $grams[Constituent::STARCH_RAW];
            $grams[Constituent::STARCH_RAW] = 0.0;
        }
    }

    /** @return callable(array<int, float>): void so much left of one constituent */
    public static function less(int $of, float $left): callable
    {
        return static function (array &$grams) use ($of, $left): void {
            /** @var array<int, float> $grams */
            $grams[$of] *= $left;
        };
    }

    /** @return callable(array<int, float>): void with so large a share of the sugars turned to acid */
    public static function soured(float $share): callable
    {
        return static function (array &$grams) use ($share): void {
            /** @var array<int, float> $was */
            $was = $grams;
            $grams = Fermenting::turned($was, $share);
        };
    }
}
