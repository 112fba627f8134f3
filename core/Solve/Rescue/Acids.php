<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Pantry\Ingredient;
use Vinculum\Taste\Measure;

/** What a cook sharpens with. */
final class Acids
{
    /** Sweet, salty and sour, in the measures' units, by which an acid is a plain one; judgement. */
    private const SWEET = 9.0;

    private const SALTY = 1.0;

    private const SOUR = 1.5;

    /** Vinegar and citrus juice, and nothing sweet or salt. */
    public static function isPlain(Ingredient $thing): bool
    {
        return $thing->isOf('sour')
            && in_array('acid', $thing->roles, true)
            && (Measure::Sweetness->strengthOf($thing) ?? 0.0) < self::SWEET
            && (Measure::Saltiness->strengthOf($thing) ?? 0.0) < self::SALTY
            && (Measure::Sourness->strengthOf($thing) ?? 0.0) > self::SOUR;
    }

    /** A juice that brings sugar where the sour thing of the sauce brings none is no more of that. */
    public static function isSweeter(Ingredient $thing, Ingredient $than): bool
    {
        $sweet = Measure::Sweetness;

        return in_array('acid', $than->roles, true)
            && ($sweet->strengthOf($thing) ?? 0.0) > 2 * ($sweet->strengthOf($than) ?? 0.0) + self::SOUR;
    }
}
