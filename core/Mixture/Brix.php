<?php

declare(strict_types=1);

namespace Vinculum\Mixture;

/**
 * °Brix as a refractometer would show it: the sugar in a sugar solution that bends light as much as the liquid of the
 * sauce.
 *
 * Sugars count as themselves, what else is dissolved by its refractive increment beside that of sucrose (0.143 mL/g);
 * pulp and fat do not bend the light that passes between them. Increments from memory, after the CRC Handbook's tables
 * of solutions. Within about 2 °Brix for a sauce; not for one that is mostly fat.
 */
final class Brix
{
    /** Refractive increment beside sucrose, by Constituent. */
    public const INCREMENTS = [
        Constituent::SUCROSE => 1.0,
        Constituent::GLUCOSE => 1.0,
        Constituent::FRUCTOSE => 1.0,
        Constituent::MALTOSE => 1.0,
        Constituent::LACTOSE => 1.0,
        Constituent::OTHER_SOLUBLE => 1.0,
        Constituent::ETHANOL => 0.43,
        Constituent::ACETIC => 0.5,
        Constituent::CITRIC => 0.9,
        Constituent::MALIC => 0.9,
        Constituent::LACTIC => 0.7,
        Constituent::TARTARIC => 0.9,
        Constituent::OTHER_ACID => 0.9,
        // sodium chloride 1.2; its chloride is in OTHER_SOLUBLE
        Constituent::SODIUM => 1.2 * Density::SALT_PER_SODIUM - (Density::SALT_PER_SODIUM - 1),
        Constituent::POTASSIUM => 1.2,
        Constituent::CALCIUM => 1.2,
        Constituent::MAGNESIUM => 1.2,
        // 1.3, of the half of it that is dissolved; judgement
        Constituent::PROTEIN => 0.65,
    ];

    private const NOT_IN_THE_LIQUID = [
        Constituent::FAT,
        Constituent::INSOLUBLE,
        Constituent::STARCH_RAW,
        Constituent::STARCH_COOKED,
    ];

    /**
     * Grams of sucrose that would bend light as much. Linear.
     *
     * @param array<int, float> $grams by Constituent
     */
    public static function dissolved(array $grams): float
    {
        $dissolved = 0.0;
        foreach (self::INCREMENTS as $constituent => $increment) {
            $dissolved += $increment * $grams[$constituent];
        }

        return $dissolved;
    }

    /**
     * Grams of the liquid they are in. Linear.
     *
     * @param array<int, float> $grams by Constituent
     */
    public static function liquid(array $grams): float
    {
        $liquid = Mixture::massOf($grams);
        foreach (self::NOT_IN_THE_LIQUID as $constituent) {
            $liquid -= $grams[$constituent];
        }

        return $liquid;
    }

    /**
     * @param array<int, float> $grams by Constituent
     */
    public static function of(array $grams): ?float
    {
        $grams = Saturation::dissolved($grams);
        $liquid = self::liquid($grams);

        return $liquid > 0.0 ? (100 * self::dissolved($grams)) / $liquid : null;
    }
}
