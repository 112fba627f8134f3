<?php

declare(strict_types=1);

namespace Vinculum\Mixture;

/**
 * What a pH meter shows: activity, which salt raises beyond what the equations of Acidity count on.
 *
 * A mole of salt in a kilogram of water takes 0.04 of a buffer to 0.06 of acid alone off what it shows (specific ion
 * interaction and salting out; Pitzer 1991, from memory): 5 % vinegar with 12 % of salt falls by 0.1 to 0.3. A food's
 * own pH was measured with its own salt in it, so that alone it shows just that.
 */
final class Meter
{
    private const SALT_LOWERS = 0.05;

    private const SALT_MOLAR = 58.44;

    /** mol/kg at which water is full of it. */
    private const MOST_SALT = 6.1;

    /** @param array<int, float> $grams by Constituent, of the same mixture */
    public static function shows(Acidity $acidity, array $grams): float
    {
        return $acidity->ph - self::lowers($grams);
    }

    /**
     * By how much its salt lowers what is shown.
     *
     * @param array<int, float> $grams by Constituent; what is nearly dry as in its slurry
     */
    public static function lowers(array $grams): float
    {
        $water = Acidity::kilogramsOfWater($grams);
        $salt = $grams[Constituent::SODIUM] * Density::SALT_PER_SODIUM;

        return $water > 0.0 ? self::SALT_LOWERS * min(self::MOST_SALT, $salt / self::SALT_MOLAR / $water) : 0.0;
    }
}
