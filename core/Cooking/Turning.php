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
}
