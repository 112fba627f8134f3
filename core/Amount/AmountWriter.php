<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/**
 * Writes an amount a maker can measure: the kitchen step nearest to it, in the unit that suits its size.
 */
final class AmountWriter
{
    /** The smallest number each spoon or cup is used for; below it the next smaller one is. */
    private const LEAST = ['cup' => 0.25, 'tbsp' => 1.0, 'tsp' => 0.125];

    /** A fifteenth short of a tablespoon is a tablespoon, not three teaspoons. */
    private const NEARLY = 0.94;

    /** Half of the smallest spoon. */
    private const LEAST_LEFT_ML = 0.3;

    private const SAME = 1e-9;

    /** A second scoop has to be worth it: nearer by this share of the whole. */
    private const AS_NEAR = 0.01;

    /** Grams or millilitres from which kg or l are written, when the maker wrote those. */
    private const LARGE = 1000.0;

    /**
     * In the cups and spoons of the set.
     *
     * @param float $millilitres above 0
     * @return array{string, float} the text, and the millilitres it stands for
     */
    public static function spoons(float $millilitres, MeasuringSet $set): array
    {
        foreach (self::LEAST as $name => $least) {
            $unit = Units::find($name, $set);
            if ($unit !== null && ($millilitres / $unit->size >= $least * self::NEARLY || $name === 'tsp')) {
                $number = Rungs::nearest($millilitres / $unit->size, $unit);
                if ($number * $unit->size > $millilitres * (1 + self::SAME)) {
                    // rounded up it may be a whole one of the next: three teaspoons are a tablespoon
                    return self::spoons($number * $unit->size, $set);
                }

                return [Rungs::text($number, $unit)." {$unit->name}", $number * $unit->size];
            }
        }
        throw new \LogicException("The set {$set->value} has no teaspoon.");
    }

    /**
     * In two scoops' worth of the set, a cup or tablespoons and what is left in the next smaller: "1/2 cup + 1 tbsp".
     *
     * @param float $millilitres above 0
     * @return array{
     *     string,
     *     float,
     * } the text, and the millilitres it stands for; as spoons() where one measure is as near
     */
    public static function together(float $millilitres, MeasuringSet $set): array
    {
        $best = $one = self::spoons($millilitres, $set);
        foreach (['cup', 'tbsp', 'tsp'] as $name) {
            $unit = Units::find($name, $set);
            // nobody counts out fifteen tablespoons, nor four teaspoons and a bit
            $isLarge = match ($name) {
                'cup' => false,
                'tbsp' => str_contains($one[0], 'cup'),
                default => ! str_contains($one[0], 'tsp'),
            };
            if ($unit === null || $isLarge || $millilitres / $unit->size < self::LEAST[$name]) {
                continue;
            }
            $number = Rungs::nearest($millilitres / $unit->size, $unit);
            $number = $number * $unit->size > $millilitres ? Rungs::previous($number, $unit) : $number;
            $left = $millilitres - $number * $unit->size;
            if ($left < self::LEAST_LEFT_ML) {
                continue;
            }
            [$rest, $ml] = self::spoons($left, $set);
            if (
                abs($number * $unit->size + $ml - $millilitres)
                < abs($best[1] - $millilitres) - self::AS_NEAR * $millilitres
            ) {
                $best = [Rungs::text($number, $unit)." {$unit->name} + {$rest}", $number * $unit->size + $ml];
            }
        }

        return $best;
    }

    /**
     * In a unit of the maker's own choosing; kg and l give way to g and ml below one.
     *
     * @param float $size grams, millilitres or pieces, above 0
     * @return array{string, float} the text, and the size it stands for
     */
    public static function in(Unit $unit, float $size, MeasuringSet $set): array
    {
        $smaller = ['kg' => 'g', 'l' => 'ml', 'lb' => 'oz'][$unit->name] ?? null;
        if ($smaller !== null && $size < $unit->size) {
            $unit = Units::find($smaller, $set) ?? $unit;
        }
        $larger = ['g' => 'kg', 'ml' => 'l'][$unit->name] ?? null;
        if ($larger !== null && $size >= 10 * self::LARGE) {
            $unit = Units::find($larger, $set) ?? $unit;
        }
        $number = $unit->decimal ? self::rounded($size / $unit->size) : Rungs::nearest($size / $unit->size, $unit);

        return [
            trim(Rungs::text($number, $unit).' '.($unit->name === 'each' ? '' : $unit->name)),
            $number * $unit->size,
        ];
    }

    /** A scale shows more than a nudge steps: three figures, and tenths below ten. */
    private static function rounded(float $number): float
    {
        return match (true) {
            $number < 1 => round($number, 2),
            $number < 10 => round($number, 1),
            default => round($number),
        };
    }
}
