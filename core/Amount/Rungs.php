<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/**
 * The numbers a maker can measure in a unit, in order: quarter teaspoons, thirds of a cup, five grams.
 *
 * A unit's rungs say, up to a number, which steps there are; this walks them and rounds to them.
 */
final class Rungs
{
    /** Two numbers closer than this are the same rung. */
    private const SAME = 1e-6;

    /** Fractions a kitchen writes, by denominator. */
    private const DENOMINATORS = [1, 2, 3, 4, 8];

    public static function next(float $number, Unit $unit): float
    {
        foreach (self::around($number, $unit) as $rung) {
            if ($rung > $number + self::SAME) {
                return $rung;
            }
        }

        return $number;
    }

    /** Never below the smallest rung. */
    public static function previous(float $number, Unit $unit): float
    {
        $below = $number;
        foreach (self::around($number, $unit) as $rung) {
            if ($rung < $number - self::SAME) {
                $below = $rung;
            }
        }

        return $below;
    }

    /** The rung nearest to a number above 0. */
    public static function nearest(float $number, Unit $unit): float
    {
        $best = null;
        foreach (self::around($number, $unit) as $rung) {
            if ($best === null || abs($rung - $number) < abs($best - $number)) {
                $best = $rung;
            }
        }

        return $best ?? $number;
    }

    /**
     * The steps below and above a number, without the number itself; fewer below where the unit has no smaller.
     *
     * @param int $reach steps wanted on each side, above 0
     * @return array{list<float>, list<float>} ascending
     */
    public static function ladder(float $number, Unit $unit, int $reach): array
    {
        $down = [];
        $up = [];
        foreach (self::around($number, $unit, $reach + 1) as $rung) {
            if ($rung < $number - self::SAME) {
                $down[] = $rung;
            } elseif ($rung > $number + self::SAME) {
                $up[] = $rung;
            }
        }

        return [array_slice($down, -$reach), array_slice($up, 0, $reach)];
    }

    /** As the recipe format writes it: "1 1/4" where the unit takes fractions, "0.5" where it takes decimals. */
    public static function text(float $number, Unit $unit): string
    {
        if (! $unit->decimal) {
            foreach (self::DENOMINATORS as $denominator) {
                $parts = $number * $denominator;
                if (abs($parts - round($parts)) < self::SAME * $denominator) {
                    $whole = intdiv((int) round($parts), $denominator);

                    return Numeral::mixed($whole, (int) round($parts) - $whole * $denominator, $denominator)->text();
                }
            }
        }

        return Numeral::digits($number);
    }

    /**
     * The rungs about a number, ascending.
     *
     * @param int $blocks repeating blocks of steps below the number and above it, each at least one rung
     * @return list<float>
     */
    private static function around(float $number, Unit $unit, int $blocks = 2): array
    {
        $rungs = [];
        $from = 0.0;
        foreach ($unit->rungs as [$upTo, $steps]) {
            $whole = end($steps);
            // a repeating block of steps: start some blocks below the number, or below the end of steps that lie under
            // it
            $start = max($from, min(floor($number / $whole - $blocks) * $whole, $upTo - $blocks * $whole));
            $stop = min($upTo, $start + (2 * $blocks + 1) * $whole);
            for ($block = $start; $block < $stop - self::SAME; $block += $whole) {
                foreach ($steps as $step) {
                    $rung = $block + $step;
                    if ($rung > $from + self::SAME && $rung <= $upTo + self::SAME) {
                        $rungs[] = round($rung, 9);
                    }
                }
            }
            $from = $upTo;
        }
        sort($rungs);

        return $rungs;
    }
}
