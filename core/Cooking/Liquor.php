<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Mixture\Mixture;

/** What in a pot runs through a sieve, and what room steeped things fill in it. */
final class Liquor
{
    /**
     * In strong sugar or salt what was steeped shrinks: by this share of its juice at the most, and by all of that from
     * so much dissolved in the liquor on; judgement.
     */
    private const SHRINKS = 0.2;
    private const STRONG_LIQUOR = 0.25;

    /**
     * What of their own room steeped things still fill in a liquor so strong.
     *
     * @param float $water g of it in the liquor
     * @param float $mass g of the liquor
     */
    public static function shrunk(float $water, float $mass): float
    {
        $strength = $mass > 0.0 ? 1 - $water / $mass : 0.0;

        return 1 - self::SHRINKS * min(1.0, $strength / self::STRONG_LIQUOR);
    }

    /**
     * How that moves with a slope of the pot.
     *
     * @param float $water g of it in the liquor
     * @param float $mass g of the liquor
     * @param array<int, float> $tangent
     */
    public static function shrinks(float $water, float $mass, array $tangent): float
    {
        return $mass <= 0.0 || 1 - $water / $mass >= self::STRONG_LIQUOR
            ? 0.0
            : self::SHRINKS / self::STRONG_LIQUOR
                * ($tangent[Constituent::WATER] - $water / $mass * self::liquor($tangent))
                / $mass;
    }

    /**
     * What is dissolved of a mixture, or of a slope of one, g.
     *
     * @param array<int, float> $grams
     */
    public static function liquor(array $grams): float
    {
        $mass = Mixture::massOf($grams);
        foreach (Constituent::MATRIX as $constituent) {
            $mass -= $grams[$constituent];
        }

        return $mass;
    }

    /**
     * What would go into the liquor of a mixture, or of a slope of one, mL.
     *
     * @param array<int, float> $grams
     */
    public static function liquid(array $grams): float
    {
        $volume = Density::volumeOf($grams);
        foreach (Constituent::MATRIX as $constituent) {
            $volume -= $grams[$constituent] * Density::millilitresPerGram($constituent);
        }

        return $volume;
    }
}
