<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Figure\Figure;

/** How long things take in a home kitchen; common practice, no source, each as uncertain as SPREAD says. */
final readonly class UsualMinutes
{
    /** Half-width in ln of the four-in-five interval of work by hand. */
    public const SPREAD = 0.4;

    /** To find, measure and set out one thing, and the least for all of them. */
    public const GATHER_EACH = 1.0;
    public const GATHER_LEAST = 3.0;

    /** To peel, chop or grate one thing. */
    public const PREPARE_EACH = 3.0;

    /** To put one thing in and stir, and to get to it. */
    public const ADD_EACH = 0.5;
    public const ADD_LEAST = 1.0;

    public const TASTE = 3.0;
    public const STRAIN = 5.0;
    public const BLEND = 4.0;

    /** From the boil until it may go into the fridge, in a wide dish or cold water. */
    public const COOL = 60.0;

    /** To fill, close and label one jar of a quarter litre, and the least. */
    public const FILL_EACH = 2.0;
    public const FILL_LEAST = 4.0;
    public const JAR_ML = 250.0;

    /** Where a recipe does not say: fried until soft, warmed through, soaked, rested, chilled. */
    public const UNSAID = [
        'fry' => 8.0,
        'warm' => 10.0,
        'roast' => 30.0,
        'flame' => 1.0,
        'grill' => 15.0,
        'ferment' => 20160.0,
        'soak' => 30.0,
        'rest' => 60.0,
        'chill' => 120.0,
    ];

    /** Boiled for no longer than this, somebody stands by. */
    public const STANDS_BY = 5.0;

    public static function work(float $minutes): Figure
    {
        return new Figure($minutes, self::SPREAD, 'min');
    }
}
