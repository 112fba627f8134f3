<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/**
 * How far an amount as measured may be from what was meant: half-widths, in the natural logarithm, of the interval that
 * should hold the truth four times in five. Starting values from common practice, no source; one table.
 *
 * A glug of 14 g with 0.40 reads "perhaps 9 to 21": 14·exp(∓0.40).
 */
final class Spread
{
    public const LEVEL_SPOON = 0.05;
    public const CUP_OF_LIQUID = 0.03;
    public const CUP_OF_PIECES = 0.15;
    public const COUNT = 0.15;
    public const INFORMAL = 0.40;
    public const PART = 0.05;
    /** Added in quadrature when the maker writes "about", "heaped", "scant". */
    public const LOOSE_WORD = 0.15;
    /**
     * The step of a kitchen scale, grams, where the text shows no finer one: it is read to half of it, and a thing that
     * is weighed is never less well known than a spoon of it.
     */
    public const SCALE_STEP_G = 1.0;
    /** From this volume on a measure counts as a cup, not as a spoon, millilitres. */
    public const CUP_FROM_ML = 55.0;

    /** Independent spreads, combined to first order: the root of the sum of squares. */
    public static function combine(float ...$spreads): float
    {
        $sum = 0.0;
        foreach ($spreads as $spread) {
            $sum += $spread * $spread;
        }

        return sqrt($sum);
    }
}
