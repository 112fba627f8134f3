<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\TestCase;
use Tests\Support\SciPy;
use Tests\Support\Solution;
use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;

/**
 * The charge balance against SciPy's brentq, and its constants, which are those of one ionic strength, against the
 * whole
 * Davies equation, which works the strength out (charge.py). pKa as core/Mixture/Acidity has them, written here again.
 */
final class ChargeTest extends TestCase
{
    /** Constituent, mol per gram, charge with all its protons, pKa without activities. */
    private const ACIDS = [
        [Constituent::ACETIC, 1 / 60.052, 0, [4.756]],
        [Constituent::CITRIC, 1 / 192.12, 0, [3.13, 4.76, 6.4]],
        [Constituent::MALIC, 1 / 134.09, 0, [3.4, 5.11]],
        [Constituent::LACTIC, 1 / 90.08, 0, [3.86]],
        [Constituent::TARTARIC, 1 / 150.09, 0, [2.98, 4.34]],
        [Constituent::GLUTAMIC, 1 / 147.13, 1, [2.19, 4.25, 9.67]],
        [Constituent::ASPARTIC, 1 / 133.1, 1, [1.99, 3.9, 9.9]],
    ];

    /** Where all ions together are 0.1 mol/kg, which our constants are for. */
    private const STRENGTH = 0.1;

    public function test_sixty_random_mixtures_are_as_another_root_finder_has_them(): void
    {
        mt_srand(14);
        $problems = [];
        $ours = [];
        for ($i = 0; $i < 60; $i++) {
            $grams = array_fill(0, Constituent::COUNT, 0.0);
            $grams[Constituent::WATER] = 1000.0;
            foreach (self::ACIDS as [$constituent]) {
                $grams[$constituent] = mt_rand(0, 2) > 0 ? 10 ** (mt_rand(-200, 150) / 100) : 0.0;
            }
            $base = mt_rand(-20, 400) / 1000;
            $grams[$base < 0 ? Constituent::STRONG_ACID : Constituent::STRONG_BASE] = abs($base);
            $ours[] = Acidity::of($grams)?->ph;
            $problems[] = ['groups' => self::acidsOf($grams), 'base' => $base, 'strength' => self::STRENGTH];
        }
        foreach (SciPy::run('charge.py', $problems) as $i => [$ph]) {
            // the constants in core are rounded to four figures
            self::assertEqualsWithDelta($ph, $ours[$i], 0.002, "mixture {$i}");
        }
    }

    /** Lemon juice, titrated from its own pH: asked for within 0.15 to 80 % neutralised. */
    public function test_lemon_juice_is_titrated_as_the_davies_equation_has_it(): void
    {
        $lemon = Solution::of('lemon-juice');
        $water = $lemon[Constituent::WATER] / 1000;
        $groups = self::acidsOf($lemon, 1 / $water);
        [[$start], [$end]] = SciPy::run('charge.py', [
            ['groups' => $groups, 'ph' => 2.3, 'strength' => null],
            ['groups' => $groups, 'ph' => 8.1, 'strength' => null],
        ]);
        $problems = [];
        $ours = [];
        foreach (range(1, 8) as $tenths) {
            $base = (($end - $start) * $tenths) / 10;
            $problems[] = ['groups' => $groups, 'base' => $start + $base, 'strength' => null];
            $grams = $lemon;
            $grams[Constituent::STRONG_BASE] += $base * $water;
            $ours[] = Acidity::of($grams)?->ph;
        }
        foreach (SciPy::run('charge.py', $problems) as $i => [$ph, $strength]) {
            self::assertEqualsWithDelta(
                $ph,
                $ours[$i],
                0.15,
                sprintf('%d0 %% neutralised, ionic strength %.2f', $i + 1, $strength),
            );
        }
    }

    /**
     * @param array<int, float> $grams by Constituent
     * @return list<array{float, int, list<float>}>
     */
    private static function acidsOf(array $grams, float $perKg = 1.0): array
    {
        $groups = [];
        foreach (self::ACIDS as [$constituent, $perGram, $charge, $constants]) {
            $groups[] = [$grams[$constituent] * $perGram * $perKg, $charge, $constants];
        }

        return $groups;
    }
}
