<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Figure\Figure;

/**
 * How long a pot takes where nobody says, and how uncertain minutes are; common practice, no source. What hands take
 * stands in database/hands.txt.
 */
final readonly class UsualMinutes
{
    /** Half-width in ln of the four-in-five interval of work by hand. */
    public const SPREAD = 0.4;

    /** From which on a hot pot that is left to itself is hot no more. */
    public const COLD_AFTER = 60.0;

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
