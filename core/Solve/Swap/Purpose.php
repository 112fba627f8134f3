<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Pantry\Ingredient;
use Vinculum\Taste\Measure;

/** What a thing is in a sauce for. */
final class Purpose
{
    /** What a thing may be there for, in the order it counts. */
    private const TASTES = [Measure::Sweetness, Measure::Sourness, Measure::Saltiness, Measure::Heat];

    /** The taste both are for; null where they share none. */
    public static function shared(Ingredient $out, Ingredient $thing): ?Measure
    {
        foreach (self::TASTES as $measure) {
            if (array_intersect([$measure->role()], $out->roles, $thing->roles) !== []) {
                return $measure;
            }
        }

        return null;
    }
}
