<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

/**
 * How much of an alcohol is still there after so many minutes at a simmer: the USDA Table of Nutrient Retention
 * Factors, release 6, from memory. Between its rows it is interpolated in the logarithm, and past the last it goes on
 * as it went there.
 *
 * The table is of dishes with a lid off and a spoon in them; a wide shallow pan loses more.
 */
final class Alcohol
{
    /** What the table may be off, of what went in. */
    public const POINTS = 0.1;

    /** "Brought to the boil and taken off". */
    private const AT_ONCE = 0.85;

    /** From so many minutes to so many, and the share retained at the end. */
    private const LATER = [
        [0.0, 15.0, 0.4],
        [15.0, 30.0, 0.35],
        [30.0, 60.0, 0.25],
        [60.0, 90.0, 0.2],
        [90.0, 120.0, 0.1],
        [120.0, 150.0, 0.05],
    ];

    /**
     * @param float|null $minutes at a simmer since it went in; null where it never came to one
     * @return float 0 to 1
     */
    public static function retained(?float $minutes): float
    {
        if ($minutes === null) {
            return 1.0;
        }
        $logarithm = log(self::AT_ONCE);
        $rate = 0.0;
        $end = 0.0;
        foreach (self::LATER as $span) {
            [$from, $to, $left] = $span;
            if ($minutes <= $from) {
                break;
            }
            $rate = self::slope($logarithm, $left, $to - $from);
            $logarithm += $rate * (min($minutes, $to) - $from);
            $end = $to;
        }

        return exp($logarithm + $rate * max(0.0, $minutes - $end));
    }

    private static function slope(float $logarithm, float $left, float $minutes): float
    {
        return (log($left) - $logarithm) / $minutes;
    }
}
