<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\Units;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;

/** Less than the smallest spoon: mixed with water in a spoonful, and a part of that used. */
final class Dilution
{
    /** Parts of water and all that the mixture may have. */
    private const MOST_PARTS = 8;

    /**
     * @param float $grams wanted, above 0
     * @return string|null null where a spoon or the scale will do, or it does not mix with water
     */
    public static function of(float $grams, Ingredient $ingredient, Tools $tools): ?string
    {
        $teaspoon = Units::find('tsp', $tools->kit->set);
        if (
            $teaspoon === null
            || $ingredient->density === null
            || ! in_array($ingredient->form, [Form::Powder, Form::Liquid, Form::Paste], true)
        ) {
            return null;
        }
        $smallest = $tools->eighths ? 0.125 : 0.25;
        $spoons = $grams / $ingredient->density / $teaspoon->size;
        if ($spoons >= 0.8 * $smallest || $spoons <= 0.0) {
            return null;
        }
        $take = $smallest * 2;
        $parts = (int) min(self::MOST_PARTS, max(2, round($take / $spoons)));
        $fraction = $tools->eighths ? '1/4' : '1/2';

        return sprintf(
            'too little to measure: mix %s tsp with %d tsp of water, and use %s tsp of that',
            $fraction,
            $parts - 1,
            self::quarters(($spoons / $take) * ($parts - 1 + $take)),
        );
    }

    /** To the nearest quarter of a teaspoon, at least one. */
    private static function quarters(float $spoons): string
    {
        $quarters = max(1, (int) round(4 * $spoons));
        $whole = intdiv($quarters, 4);
        $rest = ['', '1/4', '1/2', '3/4'][$quarters % 4];

        return trim(($whole > 0 ? "{$whole} " : '').$rest);
    }
}
