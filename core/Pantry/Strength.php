<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Mixture\Constituent;

/** How strong an ingredient is by itself: what a hundred grams of it bring. */
final class Strength
{
    /**
     * Σ weight × grams, per 100 g; null where nothing of it is known and something could be.
     *
     * @param array<int, float> $weights by Constituent
     */
    public static function of(Ingredient $ingredient, array $weights): ?float
    {
        $sum = 0.0;
        $known = false;
        foreach ($weights as $constituent => $weight) {
            $value = $ingredient->composition[$constituent];
            $known = $known || $value !== null;
            $sum += $weight * ($value ?? 0.0);
        }

        return $known ? $sum : null;
    }

    /** Fat, g per 100 g; null where not known. */
    public static function fat(Ingredient $ingredient): ?float
    {
        return $ingredient->composition[Constituent::FAT];
    }
}
