<?php

declare(strict_types=1);

namespace Vinculum\Mixture;

/**
 * How much salt and sugar the water of a mixture can hold at 20 °C. What is over it lies on the bottom as grains: it is
 * there to be tasted, and no instrument that asks the liquid sees it.
 *
 * Sodium chloride 35.9 g to 100 g of water, sucrose 204, fructose 375, glucose 91, maltose 108, lactose 22 (CRC
 * Handbook, from memory). One sugar that is most of what is dissolved keeps to its own figure; several together, or
 * beside the dextrins of a syrup, stay as a syrup to 83 % for months, as honey does (judgement).
 */
final class Saturation
{
    /** g of salt to a gram of water. */
    private const SALT = 0.359;

    /** g to a gram of water, alone. */
    private const ALONE = [
        Constituent::SUCROSE => 2.04,
        Constituent::GLUCOSE => 0.91,
        Constituent::FRUCTOSE => 3.75,
        Constituent::MALTOSE => 1.08,
        Constituent::LACTOSE => 0.22,
    ];

    /** Share of what is sweet and dissolved from which one sugar keeps to its own figure; judgement. */
    private const ALONE_FROM = 0.7;

    /**
     * From this share of sugar in sugar and water on it has been boiled to a candy, which cools to a glass, or is dry
     * sugar: neither has a liquid that grains lie in; judgement.
     */
    private const CANDY = 0.9;

    /** g to a gram of water, of several sugars and dextrins together; judgement: 83 %, as thick a honey. */
    private const TOGETHER = 5.0;

    /**
     * @param array<int, float> $grams by Constituent, with water in it
     */
    public static function isOver(array $grams): bool
    {
        return self::salt($grams) < 1.0 || self::sugars($grams)[0] < 1.0;
    }

    /**
     * Grams of salt and of sugars that stay as grains, each to a tenth of a gram or more worth speaking of.
     *
     * @param array<int, float> $grams by Constituent
     * @return array{salt: float, sugars: float}
     */
    public static function grains(array $grams): array
    {
        if ($grams[Constituent::WATER] <= 0.0) {
            return ['salt' => 0.0, 'sugars' => 0.0];
        }
        [$share] = self::sugars($grams);
        $sugars = 0.0;
        foreach (self::ALONE as $sugar => $_) {
            $sugars += $grams[$sugar];
        }

        return [
            'salt' => (1 - self::salt($grams)) * $grams[Constituent::SODIUM] * Density::SALT_PER_SODIUM,
            'sugars' => (1 - $share) * $sugars,
        ];
    }

    /**
     * What is in solution; everything else as it is.
     *
     * @param array<int, float> $grams by Constituent, with water in it
     * @return array<int, float>
     */
    public static function dissolved(array $grams): array
    {
        $salt = self::salt($grams);
        if ($salt < 1.0) {
            $chloride = $grams[Constituent::SODIUM] * (Density::SALT_PER_SODIUM - 1);
            $grams[Constituent::OTHER_SOLUBLE] = max(
                0.0,
                $grams[Constituent::OTHER_SOLUBLE] - (1 - $salt) * $chloride,
            );
            $grams[Constituent::SODIUM] *= $salt;
        }
        [$share] = self::sugars($grams);
        if ($share < 1.0) {
            foreach (self::ALONE as $sugar => $_) {
                $grams[$sugar] *= $share;
            }
        }

        return $grams;
    }

    /**
     * From how a figure answers to a gram more in solution, how it answers to a gram more in the pot: where there are
     * grains, a gram more of it is a grain more, and a gram more of water dissolves some.
     *
     * @param array<int, float> $gradient by Constituent, of what is in solution
     * @param array<int, float> $grams by Constituent, of the pot
     * @return array<int, float>
     */
    public static function gradient(array $gradient, array $grams): array
    {
        $water = $grams[Constituent::WATER];
        $salt = self::salt($grams);
        if ($salt < 1.0) {
            // with the chloride that goes with it
            $bySalt
                = ($gradient[Constituent::SODIUM] ?? 0.0)
                + ($gradient[Constituent::OTHER_SOLUBLE] ?? 0.0) * (Density::SALT_PER_SODIUM - 1);
            $byRoom = $bySalt * $salt * $grams[Constituent::SODIUM] / $water;
            $gradient[Constituent::WATER] = ($gradient[Constituent::WATER] ?? 0.0) + $byRoom;
            $gradient[Constituent::SODIUM] = 0.0;
        }
        [$share, $limiting, $all] = self::sugars($grams);
        if ($share >= 1.0) {
            return $gradient;
        }
        $byRoom = 0.0;
        foreach (self::ALONE as $sugar => $_) {
            $byRoom += ($gradient[$sugar] ?? 0.0) * $share * $grams[$sugar];
        }
        $gradient[Constituent::WATER] = ($gradient[Constituent::WATER] ?? 0.0) + $byRoom / $water;
        foreach (self::ALONE as $sugar => $_) {
            $gradient[$sugar] = ($gradient[$sugar] ?? 0.0) * $share;
        }
        foreach ($limiting as $constituent) {
            $gradient[$constituent] = ($gradient[$constituent] ?? 0.0) - $byRoom / $all;
        }

        return $gradient;
    }

    /**
     * Share of the salt that dissolves, up to 1.
     *
     * @param array<int, float> $grams
     */
    private static function salt(array $grams): float
    {
        $salt = $grams[Constituent::SODIUM] * Density::SALT_PER_SODIUM;
        $most = self::SALT * $grams[Constituent::WATER];

        return $salt > $most ? $most / $salt : 1.0;
    }

    /**
     * @param array<int, float> $grams
     * @return array{
     *     float,
     *     list<int>,
     *     float,
     * } share of the sugars that dissolves, up to 1, what it goes by, and g of that
     */
    private static function sugars(array $grams): array
    {
        $lead = Constituent::SUCROSE;
        $sugars = 0.0;
        foreach (self::ALONE as $sugar => $_) {
            $sugars += $grams[$sugar];
            $lead = $grams[$sugar] > $grams[$lead] ? $sugar : $lead;
        }
        $chloride = $grams[Constituent::SODIUM] * (Density::SALT_PER_SODIUM - 1);
        $sweet = $sugars + max(0.0, $grams[Constituent::OTHER_SOLUBLE] - $chloride);
        $limiting = $grams[$lead] >= self::ALONE_FROM * $sweet ? [$lead] : array_keys(self::ALONE);
        $all = 0.0;
        foreach ($limiting as $sugar) {
            $all += $grams[$sugar];
        }
        $most = (count($limiting) === 1 ? self::ALONE[$lead] : self::TOGETHER) * $grams[Constituent::WATER];
        $isCandy = $sugars >= self::CANDY * ($sugars + $grams[Constituent::WATER]);

        return [$all > $most && ! $isCandy ? $most / $all : 1.0, $limiting, $all];
    }
}
