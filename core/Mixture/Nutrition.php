<?php

declare(strict_types=1);

namespace Vinculum\Mixture;

/**
 * The simple panel: energy, sugars and salt, as a label in the EU has them (1169/2011, annexes I and XIV, from memory).
 */
final class Nutrition
{
    /** kcal per gram: carbohydrate and protein 4, fat 9, alcohol 7, organic acids 3, fibre 2. */
    private const KCAL = [
        Constituent::SUCROSE => 4.0,
        Constituent::GLUCOSE => 4.0,
        Constituent::FRUCTOSE => 4.0,
        Constituent::MALTOSE => 4.0,
        Constituent::LACTOSE => 4.0,
        Constituent::STARCH_RAW => 4.0,
        Constituent::STARCH_COOKED => 4.0,
        Constituent::PROTEIN => 4.0,
        Constituent::FAT => 9.0,
        Constituent::ETHANOL => 7.0,
        Constituent::INSOLUBLE => 2.0,
        Constituent::ACETIC => 3.0,
        Constituent::CITRIC => 3.0,
        Constituent::MALIC => 3.0,
        Constituent::LACTIC => 3.0,
        Constituent::TARTARIC => 3.0,
        Constituent::OTHER_ACID => 3.0,
        // soluble fibre, pectin and polyols, about; the chloride of salt in there has none
        Constituent::OTHER_SOLUBLE => 2.0,
        Constituent::SODIUM => -2.0 * (Density::SALT_PER_SODIUM - 1),
    ];

    private const SUGARS = [
        Constituent::SUCROSE,
        Constituent::GLUCOSE,
        Constituent::FRUCTOSE,
        Constituent::MALTOSE,
        Constituent::LACTOSE,
    ];

    /** Salt on a label is sodium × 2.5, and only there. */
    public const LABEL_SALT_PER_SODIUM = 2.5;

    /**
     * @param array<int, float> $grams by Constituent
     * @param list<array{float, float}> $otherwise g of OTHER_SOLUBLE that counts otherwise than usual, and kcal/g of it
     * @return float kcal
     */
    public static function energy(array $grams, array $otherwise = []): float
    {
        $energy = 0.0;
        foreach ($otherwise as [$brought, $kcal]) {
            $energy += ($kcal - self::KCAL[Constituent::OTHER_SOLUBLE]) * $brought;
        }
        foreach (self::KCAL as $constituent => $each) {
            $energy += $each * $grams[$constituent];
        }

        return max(0.0, $energy);
    }

    /**
     * @param array<int, float> $grams by Constituent
     * @return float g
     */
    public static function sugars(array $grams): float
    {
        $sugars = 0.0;
        foreach (self::SUGARS as $sugar) {
            $sugars += $grams[$sugar];
        }

        return $sugars;
    }

    /**
     * @param array<int, float> $grams by Constituent
     * @return float g
     */
    public static function salt(array $grams): float
    {
        return $grams[Constituent::SODIUM] * self::LABEL_SALT_PER_SODIUM;
    }
}
