<?php

declare(strict_types=1);

namespace Vinculum\Mixture;

/**
 * Volume of a mixture at 20 °C, taking it that volumes add.
 *
 * Error against tables (tests/Reference/DensityTest): sucrose solutions to 65 % within 0.3 %, sodium chloride to 10 %
 * within 0.2 %, to 25 % within 1 %. Not for foams: a blended sauce holds air.
 */
final class Density
{
    /** Sodium to sodium chloride by molar mass: 58.443 / 22.990 (IUPAC atomic weights). */
    public const SALT_PER_SODIUM = 2.5421;

    /*
     * kg/m³ at 20 °C. Protein, fat, carbohydrate, fibre: Choi and Okos (1986), from memory. Water: 998.2 (CRC Handbook,
     * from memory); Choi and Okos's own polynomial gives 995.7 there, 0.25 % low, which every dilute sauce would
     * inherit.
     */
    private const WATER = 998.2;
    private const CARBOHYDRATE = 1592.9;
    private const PROTEIN = 1319.5;
    private const FAT = 917.2;
    private const FIBRE = 1304.2;
    /** Apparent, in solution; from memory, rounded from CRC solution tables. */
    private const SALT = 3000.0;
    private const ACETIC = 1165.0;
    private const ETHANOL = 857.0;

    /** mL per gram; what is counted within another constituent takes no volume of its own. */
    private const ML_PER_GRAM = [
        Constituent::WATER => 1000 / self::WATER,
        Constituent::ETHANOL => 1000 / self::ETHANOL,
        Constituent::SUCROSE => 1000 / self::CARBOHYDRATE,
        Constituent::GLUCOSE => 1000 / self::CARBOHYDRATE,
        Constituent::FRUCTOSE => 1000 / self::CARBOHYDRATE,
        Constituent::MALTOSE => 1000 / self::CARBOHYDRATE,
        Constituent::LACTOSE => 1000 / self::CARBOHYDRATE,
        Constituent::STARCH_RAW => 1000 / self::CARBOHYDRATE,
        Constituent::STARCH_COOKED => 1000 / self::CARBOHYDRATE,
        Constituent::INSOLUBLE => 1000 / self::FIBRE,
        Constituent::PROTEIN => 1000 / self::PROTEIN,
        Constituent::FAT => 1000 / self::FAT,
        Constituent::OTHER_SOLUBLE => 1000 / self::CARBOHYDRATE,
        Constituent::ACETIC => 1000 / self::ACETIC,
        Constituent::CITRIC => 1000 / self::CARBOHYDRATE,
        Constituent::MALIC => 1000 / self::CARBOHYDRATE,
        Constituent::LACTIC => 1000 / self::CARBOHYDRATE,
        Constituent::TARTARIC => 1000 / self::CARBOHYDRATE,
        Constituent::OTHER_ACID => 1000 / self::CARBOHYDRATE,
        // sodium takes its chloride along, which is in OTHER_SOLUBLE
        Constituent::SODIUM
            => (self::SALT_PER_SODIUM * 1000) / self::SALT - ((self::SALT_PER_SODIUM - 1) * 1000) / self::CARBOHYDRATE,
        Constituent::POTASSIUM => 1000 / self::SALT,
        Constituent::CALCIUM => 1000 / self::SALT,
        Constituent::MAGNESIUM => 1000 / self::SALT,
    ];

    /**
     * Volume, mL. Linear in the masses, so it serves for a derivative as well.
     *
     * @param array<int, float> $grams by Constituent
     */
    public static function volumeOf(array $grams): float
    {
        // ML_PER_GRAM, written out by what is as dense: it is asked some hundred times an evaluation
        return $grams[Constituent::WATER] * (1000 / self::WATER)
            + $grams[Constituent::ETHANOL] * (1000 / self::ETHANOL)
            + $grams[Constituent::INSOLUBLE] * (1000 / self::FIBRE)
            + $grams[Constituent::PROTEIN] * (1000 / self::PROTEIN)
            + $grams[Constituent::FAT] * (1000 / self::FAT)
            + $grams[Constituent::ACETIC] * (1000 / self::ACETIC)
            + $grams[Constituent::SODIUM] * self::ML_PER_GRAM[Constituent::SODIUM]
            + (
                $grams[Constituent::POTASSIUM]
                + $grams[Constituent::CALCIUM]
                + $grams[Constituent::MAGNESIUM]
            ) * (1000 / self::SALT)
            + (
                $grams[Constituent::SUCROSE]
                + $grams[Constituent::GLUCOSE]
                + $grams[Constituent::FRUCTOSE]
                + $grams[Constituent::MALTOSE]
                + $grams[Constituent::LACTOSE]
                + $grams[Constituent::STARCH_RAW]
                + $grams[Constituent::STARCH_COOKED]
                + $grams[Constituent::OTHER_SOLUBLE]
                + $grams[Constituent::CITRIC]
                + $grams[Constituent::MALIC]
                + $grams[Constituent::LACTIC]
                + $grams[Constituent::TARTARIC]
                + $grams[Constituent::OTHER_ACID]
            ) * (1000 / self::CARBOHYDRATE);
    }

    /** What a gram of a constituent adds to the volume, mL. */
    public static function millilitresPerGram(int $constituent): float
    {
        return self::ML_PER_GRAM[$constituent] ?? 0.0;
    }
}
