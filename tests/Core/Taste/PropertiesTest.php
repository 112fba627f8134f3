<?php

declare(strict_types=1);

namespace Tests\Core\Taste;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Seed;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Constituent;
use Vinculum\Taste\Measure;

/** What must hold of any recipe: two hundred made at random, the same ones for a seed. */
final class PropertiesTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, float>, float}> grams by ingredient, per cent boiled off
     */
    public static function recipes(): iterable
    {
        $random = Seed::random(20261124);
        for ($i = 0; $i < 200; $i++) {
            $grams = ['water' => (float) $random->getInt(200, 1000)];
            for ($lines = $random->getInt(1, 12); $lines > 0; $lines--) {
                $grams[Seed::thing($random)] = $random->getInt(1, 5000) / 10;
            }
            yield "recipe {$i}" => [$grams, (float) $random->getInt(1, 8)];
        }
    }

    /**
     * @param array<string, float> $grams
     */
    #[DataProvider('recipes')]
    public function test_mass_is_kept_nothing_is_negative_and_shares_add_up(array $grams, float $loss): void
    {
        $sauce = self::cook($grams, $loss);
        $report = $sauce->cooked->stages[0];

        self::assertEqualsWithDelta(array_sum($grams), $report->massOut + $report->boiledOff, 1e-9 * array_sum($grams));
        self::assertEqualsWithDelta($sauce->cooked->mixture->mass(), $report->massOut, 1e-9 * $report->massOut);
        self::assertGreaterThanOrEqual(0.0, min($sauce->cooked->mixture->grams));
        foreach ($sauce->tasting->measures as $name => $tasted) {
            self::assertEqualsWithDelta(
                $tasted->figure->value,
                array_sum($tasted->contributions),
                1e-10 * max(1.0, $tasted->figure->value),
                $name,
            );
            self::assertLessThanOrEqual($tasted->figure->value, $tasted->figure->low(), $name);
            self::assertGreaterThanOrEqual($tasted->figure->value, $tasted->figure->high(), $name);
        }
    }

    /**
     * @param array<string, float> $grams
     */
    #[DataProvider('recipes')]
    public function test_three_times_as_much_tastes_the_same(array $grams, float $loss): void
    {
        $once = self::cook($grams, $loss);
        $thrice = self::cook(array_map(static fn (float $mass): float => 3 * $mass, $grams), $loss);

        self::assertEqualsWithDelta(
            3 * $once->cooked->mixture->mass(),
            $thrice->cooked->mixture->mass(),
            1e-9 * $thrice->cooked->mixture->mass(),
        );
        foreach (Measure::cases() as $measure) {
            self::assertEqualsWithDelta(
                $once->tasting->value($measure),
                $thrice->tasting->value($measure),
                1e-12 * max(1.0, $once->tasting->value($measure)),
                $measure->value,
            );
        }
    }

    /**
     * @param array<string, float> $grams
     */
    #[DataProvider('recipes')]
    public function test_more_water_makes_nothing_stronger_and_the_order_of_stirring_makes_no_odds(
        array $grams,
        float $loss,
    ): void {
        $sauce = self::cook($grams, 0.0);
        $thinner = self::cook(['water' => $grams['water'] + 50 * $loss] + $grams, 0.0);
        $reversed = self::cook(array_reverse($grams), 0.0);
        foreach (Measure::cases() as $measure) {
            $value = $sauce->tasting->value($measure);
            self::assertLessThanOrEqual($value + 1e-12, $thinner->tasting->value($measure), $measure->value);
            self::assertEqualsWithDelta(
                $value,
                $reversed->tasting->value($measure),
                1e-12 * max(1.0, $value),
                $measure->value,
            );
        }
    }

    /**
     * @param array<string, float> $grams
     */
    #[DataProvider('recipes')]
    public function test_boiling_off_in_two_goes_is_boiling_off_in_one(array $grams, float $loss): void
    {
        $lines = array_map(
            static fn (string $slug): array => ['ingredient' => $slug, 'amount' => self::amount($grams[$slug])],
            array_keys($grams),
        );
        // far enough that the alcohol that leaves first is not all of it
        $left = array_sum($grams) * (1 - $loss / 20);
        $half = array_sum($grams) * (1 - $loss / 40);
        $stage = static fn (array $of, float $until): array => [
            'lines' => $of,
            'process' => ['kind' => 'simmer', 'until' => ['mass_g' => $until]],
        ];
        $one = Evaluation::of(Sauce::of([], [], ['stages' => [$stage($lines, $left)]]), Sauce::catalogue(), null);
        $two = Evaluation::of(
            Sauce::of([], [], ['stages' => [$stage($lines, $half), $stage([], $left)]]),
            Sauce::catalogue(),
            null,
        );

        if ($one->cooked->problems !== []) {
            // so little water that it cannot be met, in one go or in two
            self::assertNotSame([], $two->cooked->problems);

            return;
        }
        $codes = array_map(static fn ($problem): string => $problem->code, $two->cooked->problems);
        if ($codes !== []) {
            // half the way is less than the alcohol takes by itself
            self::assertSame(['alcohol-goes-further'], array_values(array_unique($codes)));

            return;
        }
        foreach ($one->cooked->mixture->grams as $constituent => $mass) {
            self::assertEqualsWithDelta(
                $mass,
                $two->cooked->mixture->grams[$constituent],
                1e-9 * max(1.0, $mass),
                Constituent::KEYS[$constituent],
            );
        }
        foreach ($one->tasting->measures as $name => $tasted) {
            self::assertEqualsWithDelta(
                $tasted->figure->spread,
                $two->tasting->measures[$name]->figure->spread,
                1e-6,
                $name,
            );
        }
    }

    /** Sugar, water and as much spirit: it ends below what there would be without water, for alcohol leaves as well. */
    public function test_what_leaves_as_alcohol_need_not_be_water(): void
    {
        $until = static fn (float $left): array => Sauce::evaluate(
            ['sugar' => '500 g', 'water' => '60 g', 'rum' => '60 g'],
            ['process' => ['kind' => 'simmer', 'until' => ['mass_g' => $left]]],
        )->cooked->problems;
        // two thirds of the rum is water, and a third of its 20 g of alcohol is left
        self::assertSame([], $until(515.0));
        self::assertSame('end-point-unreachable', $until(500.0)[0]->code);
    }

    /**
     * @param array<string, float> $grams
     */
    private static function cook(array $grams, float $loss): Evaluation
    {
        return Sauce::evaluate(
            array_map(self::amount(...), $grams),
            $loss > 0.0 ? ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => $loss]]] : [],
        );
    }

    private static function amount(float $grams): string
    {
        return rtrim(rtrim(sprintf('%.6f', $grams), '0'), '.').' g';
    }
}
