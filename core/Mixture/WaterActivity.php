<?php

declare(strict_types=1);

namespace Vinculum\Mixture;

/**
 * Water activity of a mixture: each solute as if it were alone in all the water, and the results multiplied (Ross
 * 1975).
 *
 * Sugars by Norrish (1966), ln a = ln X − K S², X and S the mole fractions of water and of the sugar; sodium chloride
 * by Pitzer (1973); acids, alcohol, potassium and what else is dissolved by Raoult. Constants from memory, after the
 * papers. What lies on the bottom as grains counts for nothing (Saturation). Good to ± 0.02; solids, fat and
 * protein are taken to bind no water, so a ferment full of amino acids reads a little high.
 */
final class WaterActivity
{
    private const WATER_MOLAR = 18.015;

    /** Norrish's K and g/mol. */
    private const NORRISH = [
        Constituent::SUCROSE => [6.47, 342.30],
        Constituent::GLUCOSE => [2.25, 180.16],
        Constituent::FRUCTOSE => [2.25, 180.16],
        Constituent::MALTOSE => [4.54, 342.30],
        Constituent::LACTOSE => [10.2, 342.30],
    ];

    /** g/mol for each particle. */
    private const RAOULT = [
        Constituent::ETHANOL => 46.07,
        Constituent::ACETIC => 60.05,
        Constituent::CITRIC => 192.12,
        Constituent::MALIC => 134.09,
        Constituent::LACTIC => 90.08,
        Constituent::TARTARIC => 150.09,
        Constituent::OTHER_ACID => 194.0,
        // as its salt: two particles
        Constituent::POTASSIUM => 39.10 / 2,
    ];

    /** Polyols, small peptides and the like, taken to weigh as much as a hexose; judgement. g/mol. */
    private const OTHER_MOLAR = 180.0;

    private const SODIUM_MOLAR = 22.990;

    /** Pitzer for NaCl at 25 °C. */
    private const DEBYE = 0.3915;
    private const B = 1.2;
    private const BETA_0 = 0.0765;
    private const BETA_1 = 0.2664;
    private const ALPHA = 2.0;
    private const C = 0.00127;

    /**
     * @param array<int, float> $grams by Constituent
     * @return float|null 0 to 1; null where there is no water
     */
    public static function of(array $grams): ?float
    {
        $water = $grams[Constituent::WATER];
        if ($water <= 0.0) {
            return null;
        }
        $grams = Saturation::dissolved($grams);
        $moles = $water / self::WATER_MOLAR;
        $logarithm = 0.0;
        foreach (self::NORRISH as $sugar => [$k, $molar]) {
            if ($grams[$sugar] > 0.0) {
                $dissolved = $grams[$sugar] / $molar;
                $fraction = $dissolved / ($moles + $dissolved);
                $logarithm += log(1 - $fraction) - $k * $fraction * $fraction;
            }
        }
        [$particles] = self::particles($grams);
        $logarithm += log($moles / ($moles + $particles));

        return exp($logarithm + self::ofSalt(1000 * $grams[Constituent::SODIUM] / self::SODIUM_MOLAR / $water));
    }

    /**
     * d(water activity) for a gram more of each constituent that moves it.
     *
     * @param array<int, float> $grams by Constituent, of a mixture with water in it
     * @param float $activity its water activity
     * @return array<int, float> by Constituent
     */
    public static function gradient(array $grams, float $activity): array
    {
        $pot = $grams;
        $grams = Saturation::dissolved($pot);
        $water = $grams[Constituent::WATER];
        $moles = $water / self::WATER_MOLAR;
        $byMoles = 0.0;
        $gradient = [];
        foreach (self::NORRISH as $sugar => [$k, $molar]) {
            $all = $moles + $grams[$sugar] / $molar;
            $fraction = $grams[$sugar] / $molar / $all;
            $byFraction = -1 / (1 - $fraction) - 2 * $k * $fraction;
            $gradient[$sugar] = ($byFraction * (1 - $fraction)) / $all / $molar;
            $byMoles -= ($byFraction * $fraction) / $all;
        }
        [$particles, $other] = self::particles($grams);
        $all = $moles + $particles;
        $byMoles += 1 / $moles - 1 / $all;
        foreach (self::RAOULT as $constituent => $molar) {
            $gradient[$constituent] = -1 / $all / $molar;
        }
        $gradient[Constituent::OTHER_SOLUBLE] = $other > 0.0 ? -1 / $all / self::OTHER_MOLAR : 0.0;
        $molality = (1000 * $grams[Constituent::SODIUM]) / self::SODIUM_MOLAR / $water;
        $bySalt = self::slopeOfSalt($molality);
        $gradient[Constituent::SODIUM]
            = ($bySalt * 1000) / self::SODIUM_MOLAR / $water
            - $gradient[Constituent::OTHER_SOLUBLE] * (Density::SALT_PER_SODIUM - 1);
        $gradient[Constituent::WATER] = $byMoles / self::WATER_MOLAR - ($bySalt * $molality) / $water;

        return Saturation::gradient(
            array_map(static fn (float $each): float => $each * $activity, $gradient),
            $pot,
        );
    }

    /**
     * What counts by its particles alone, mol, and the grams of it that nothing names.
     *
     * @param array<int, float> $grams by Constituent
     * @return array{float, float}
     */
    private static function particles(array $grams): array
    {
        $particles = 0.0;
        foreach (self::RAOULT as $constituent => $molar) {
            $particles += $grams[$constituent] / $molar;
        }
        $chloride = $grams[Constituent::SODIUM] * (Density::SALT_PER_SODIUM - 1);
        $other = max(0.0, $grams[Constituent::OTHER_SOLUBLE] - $chloride);

        return [$particles + $other / self::OTHER_MOLAR, $other];
    }

    /** ln of the water activity of sodium chloride, mol per kg of water. */
    private static function ofSalt(float $molality): float
    {
        $root = sqrt($molality);
        $osmotic = 1 - self::DEBYE * $root / (1 + self::B * $root)
            + $molality * (self::BETA_0 + self::BETA_1 * exp(-self::ALPHA * $root))
            + $molality * $molality * self::C;

        return -2 * self::WATER_MOLAR / 1000 * $molality * $osmotic;
    }

    /** d(ln of that) / d(molality). */
    private static function slopeOfSalt(float $molality): float
    {
        $root = sqrt($molality);
        $below = 1 + self::B * $root;
        $fades = exp(-self::ALPHA * $root);
        // m φ: its slope
        $slope
            = 1
            - self::DEBYE * $root * (1.5 / $below - (0.5 * self::B * $root) / $below ** 2)
            + 2 * $molality * (self::BETA_0 + self::BETA_1 * $fades)
            - 0.5 * self::ALPHA * $molality * $root * self::BETA_1 * $fades
            + 3 * $molality * $molality * self::C;

        return ((-2 * self::WATER_MOLAR) / 1000) * $slope;
    }
}
