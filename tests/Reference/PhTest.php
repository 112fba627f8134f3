<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Solution;
use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;

/**
 * pH of acids and buffers against published values, from memory after the source named.
 *
 * The pKa in use are thermodynamic and activities are left out, so dilute acids agree to 0.1 and salty buffers read high, by
 * what Debye and Hückel's law says: 0.1 for one charge at an ionic strength of 0.1, nearly 0.2 where two charges meet.
 */
final class PhTest extends TestCase
{
    private const DILUTE = 0.1;
    private const ONE_CHARGE = 0.12;
    private const TWO_CHARGES = 0.2;

    /**
     * @return iterable<string, array{array<int, float>, float, float, float}> mol/kg, strong base mol/kg, pH, tolerance
     */
    public static function solutions(): iterable
    {
        $acetic = Constituent::ACETIC;
        yield 'acetic 1 mol/L, Merck Index: 2.4' => [[$acetic => 1.0], 0.0, 2.4, self::DILUTE];
        yield 'acetic 0.1 mol/L, Merck Index: 2.9' => [[$acetic => 0.1], 0.0, 2.88, self::DILUTE];
        yield 'acetic 0.01 mol/L, Merck Index: 3.4' => [[$acetic => 0.01], 0.0, 3.4, self::DILUTE];
        yield 'citric 0.1 mol/L, computed matching published: 2.08' => [[Constituent::CITRIC => 0.1], 0.0, 2.08, self::DILUTE];
        yield 'citric 0.1 N, CRC Handbook: 2.2' => [[Constituent::CITRIC => 0.1 / 3], 0.0, 2.2, 0.15];
        yield 'lactic 0.1 mol/L, CRC Handbook: 2.4' => [[Constituent::LACTIC => 0.1], 0.0, 2.4, self::DILUTE];
        yield 'malic 1 %, Merck Index: 2.34' => [[Constituent::MALIC => 10.1 / 134.09], 0.0, 2.34, self::DILUTE];
        yield 'malic 0.1 %, Merck Index: 2.80' => [[Constituent::MALIC => 1.0 / 134.09], 0.0, 2.80, self::DILUTE];
        yield 'tartaric 0.1 N, CRC Handbook: 2.2' => [[Constituent::TARTARIC => 0.05], 0.0, 2.2, self::DILUTE];
        yield 'acetate buffer 0.1 and 0.1 mol/kg, NBS: 4.652' => [[$acetic => 0.2], 0.1, 4.652, self::ONE_CHARGE];
        yield 'acetate buffer 0.01 and 0.01 mol/kg, NBS: 4.718' => [[$acetic => 0.02], 0.01, 4.718, self::ONE_CHARGE];
        yield 'potassium dihydrogen citrate 0.05 mol/kg, NBS: 3.776' => [[Constituent::CITRIC => 0.05], 0.05, 3.776, self::TWO_CHARGES];
        yield 'potassium hydrogen tartrate, saturated, NBS: 3.557' => [[Constituent::TARTARIC => 0.0341], 0.0341, 3.557, self::TWO_CHARGES];
    }

    /**
     * @param array<int, float> $moles
     */
    #[DataProvider('solutions')]
    public function test_solutions(array $moles, float $base, float $ph, float $tolerance): void
    {
        self::assertEqualsWithDelta($ph, Acidity::of(Solution::molal($moles, $base))?->ph, $tolerance);
    }

    /**
     * Each acid's own pKa, where a half of that proton is neutralised: CRC Handbook, dissociation constants, 25 °C. Mixed so
     * strongly that water's own ions do not count.
     */
    public function test_half_neutralised_is_the_handbooks_pka(): void
    {
        self::assertEqualsWithDelta(4.756, Acidity::of(Solution::molal([Constituent::ACETIC => 2.0], 1.0))?->ph, 0.001);
        self::assertEqualsWithDelta(3.86, Acidity::of(Solution::molal([Constituent::LACTIC => 2.0], 1.0))?->ph, 0.005);
        self::assertEqualsWithDelta(6.40, Acidity::of(Solution::molal([Constituent::CITRIC => 2.0], 5.0))?->ph, 0.03);
        self::assertEqualsWithDelta(5.11, Acidity::of(Solution::molal([Constituent::MALIC => 2.0], 3.0))?->ph, 0.03);
    }
}
