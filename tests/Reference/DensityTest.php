<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\GnuUnits;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Mixture\Mixture;

/**
 * Densities of solutions at 20 °C against published tables. Volumes are said to add, and this is how far that holds.
 */
final class DensityTest extends TestCase
{
    /**
     * CRC Handbook of Chemistry and Physics, "Concentrative properties of aqueous solutions", sucrose, d 20/4; from
     * memory.
     *
     * @return iterable<string, array{float, float, float}> per cent by mass, g/mL, tolerance
     */
    public static function sucrose(): iterable
    {
        // 0.3 %: the apparent density of sucrose rises a little as it is diluted, and one constant cannot follow
        yield '10 %' => [10.0, 1.0381, 0.003];
        yield '20 %' => [20.0, 1.081, 0.003];
        yield '30 %' => [30.0, 1.127, 0.003];
        yield '40 %' => [40.0, 1.1764, 0.003];
        yield '50 %' => [50.0, 1.2296, 0.003];
        yield '60 %' => [60.0, 1.2864, 0.003];
    }

    #[DataProvider('sucrose')]
    public function test_sucrose_solutions(float $percent, float $density, float $tolerance): void
    {
        self::assertEqualsWithDelta(
            $density,
            self::solution([Constituent::SUCROSE => $percent]),
            $tolerance * $density,
        );
    }

    /**
     * GNU units' Brix table, which it takes from apparent specific gravities at 20 °C (its definitions.units names
     * the source).
     */
    public function test_sucrose_solutions_by_the_brix_table_of_gnu_units(): void
    {
        for ($brix = 5; $brix <= 65; $brix += 5) {
            $density = GnuUnits::convert("brix({$brix})", 'g/cm^3');
            self::assertEqualsWithDelta(
                $density,
                self::solution([Constituent::SUCROSE => (float) $brix]),
                0.003 * $density,
                "{$brix} °Brix",
            );
        }
    }

    /**
     * CRC Handbook, same table, sodium chloride; from memory. Sauces hold 1 to 6 %; soy and fish sauce up to 20.
     *
     * @return iterable<string, array{float, float, float}>
     */
    public static function salt(): iterable
    {
        yield '5 %' => [5.0, 1.034, 0.002];
        yield '10 %' => [10.0, 1.0707, 0.002];
        yield '15 %' => [15.0, 1.1085, 0.003];
        // beyond: 3000 kg/m³ is apparent at sauce strength, and too high for a saturated brine
        yield '20 %' => [20.0, 1.1478, 0.006];
        yield '25 %' => [25.0, 1.1887, 0.01];
    }

    #[DataProvider('salt')]
    public function test_sodium_chloride_solutions(float $percent, float $density, float $tolerance): void
    {
        $sodium = $percent / Density::SALT_PER_SODIUM;

        self::assertEqualsWithDelta(
            $density,
            self::solution([Constituent::SODIUM => $sodium, Constituent::OTHER_SOLUBLE => $percent - $sodium]),
            $tolerance * $density,
        );
    }

    /**
     * CRC Handbook, acetic acid, 20 °C; from memory.
     */
    public function test_vinegar_strength_acetic_acid(): void
    {
        foreach ([4 => 1.0038, 6 => 1.0066, 10 => 1.0121] as $percent => $density) {
            self::assertEqualsWithDelta(
                $density,
                self::solution([Constituent::ACETIC => (float) $percent]),
                0.002 * $density,
                "{$percent} %",
            );
        }
    }

    /**
     * @param array<int, float> $solutes g in 100 g
     */
    private static function solution(array $solutes): float
    {
        $grams = array_replace(array_fill(0, Constituent::COUNT, 0.0), $solutes);
        $grams[Constituent::WATER] = 100 - array_sum($solutes);
        $mixture = Mixture::of(array_values($grams));

        return $mixture->mass() / $mixture->volume();
    }
}
