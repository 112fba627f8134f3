<?php

declare(strict_types=1);

namespace Tests\Core\Mixture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Solution;
use Vinculum\Cooking\Steam;
use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Mixture\Mixture;
use Vinculum\Mixture\WaterActivity;
use Vinculum\Taste\Measure;

/** Every slope that is written down as a formula, beside the same taken by two small steps. */
final class SlopesTest extends TestCase
{
    private const STEP = 1e-4;

    /** @return iterable<string, array{array<string, string>}> */
    public static function sauces(): iterable
    {
        yield 'a ketchup' => [
            [
                'passata' => '600 g',
                'cider-vinegar' => '80 g',
                'sugar' => '90 g',
                'fine-salt' => '12 g',
                'onion' => '80 g',
            ],
        ];
        yield 'a sweet glaze with alcohol' => [
            [
                'soy-sauce' => '150 g',
                'honey' => '120 g',
                'dry-sherry' => '90 g',
                'lime-juice' => '20 g',
                'corn-syrup' => '20 g',
            ],
        ];
        yield 'a brine with hardly an acid' => [
            ['water' => '300 g', 'fine-salt' => '60 g', 'white-vinegar' => '1 g', 'soy-sauce' => '5 g'],
        ];
        yield 'milky' => [
            [
                'yoghurt' => '200 g',
                'double-cream' => '80 g',
                'lemon-juice' => '15 g',
                'white-vinegar' => '5 g',
                'fine-salt' => '3 g',
            ],
        ];
    }

    /** @param array<string, string> $lines */
    #[DataProvider('sauces')]
    public function test_water_activity_by_each_constituent(array $lines): void
    {
        $grams = self::grams($lines);
        $activity = (float) WaterActivity::of($grams);
        $gradient = WaterActivity::gradient($grams, $activity);
        foreach (array_keys($grams) as $constituent) {
            $slope = self::slope($grams, $constituent, static fn (array $of): float => (float) WaterActivity::of($of));

            self::assertEqualsWithDelta($slope, $gradient[$constituent] ?? 0.0, 1e-8, Constituent::KEYS[$constituent]);
        }
        self::assertGreaterThan(0.0, $gradient[Constituent::WATER]);
        self::assertLessThan(0.0, $gradient[Constituent::SODIUM]);
    }

    /** @param array<string, string> $lines */
    #[DataProvider('sauces')]
    public function test_ph_by_each_constituent_whether_it_is_in_the_sauce_or_not(array $lines): void
    {
        $grams = self::grams($lines);
        $acidity = Acidity::of($grams) ?? self::fail('It has no pH.');
        foreach (array_keys($grams) as $constituent) {
            $one = array_fill(0, Constituent::COUNT, 0.0);
            $one[$constituent] = 1.0;
            $step = in_array($constituent, Constituent::MOLES, true) ? 1e-6 : self::STEP;
            $slope = self::slope(
                $grams,
                $constituent,
                static fn (array $of): float => Acidity::of($of)->ph ?? NAN,
                $step,
            );

            // of what is not in it only a step upwards can be taken
            self::assertEqualsWithDelta(
                $slope,
                $acidity->shift($one),
                1e-3 * (0.01 + abs($slope)),
                Constituent::KEYS[$constituent],
            );
        }
    }

    public function test_lemon_in_a_pot_without_any_of_its_acid_counts_as_sour_as_it_will_be(): void
    {
        $pot = Solution::molal([Constituent::ACETIC => 0.2], 0.05);
        $acidity = Acidity::of($pot) ?? self::fail('It has no pH.');
        $shift = $acidity->shift(array_replace(array_fill(0, Constituent::COUNT, 0.0), [Constituent::CITRIC => 1.0]));

        self::assertLessThan(-0.01, $shift, 'a gram of citric acid brings the pH down before there is any in it');
    }

    /** @param array<string, string> $lines */
    #[DataProvider('sauces')]
    public function test_what_has_boiled_off_is_the_same_sauce_without_it(array $lines): void
    {
        $grams = self::grams($lines);
        $water = 0.6 * $grams[Constituent::WATER];
        $acetic = 0.8 * $grams[Constituent::ACETIC];
        $boiled = (Acidity::of($grams) ?? self::fail('It has no pH.'))->boiled($water, $acetic);
        $alone = Acidity::of(array_replace($grams, [Constituent::WATER => $water, Constituent::ACETIC => $acetic]));

        self::assertEqualsWithDelta($alone?->ph, $boiled?->ph, 1e-9);
        self::assertEqualsWithDelta($alone?->buffer, $boiled?->buffer, 1e-5 * $alone?->buffer);
    }

    /** @param array<string, string> $lines */
    #[DataProvider('sauces')]
    public function test_what_a_boil_leaves_by_the_amount_of_each_line(array $lines): void
    {
        $cooked = Sauce::evaluate($lines)->cooked;
        $totals = $cooked->mixture->grams;
        $amount = 0.5 * $totals[Constituent::WATER];
        [, , $waterSlopes, $aceticSlopes] = Steam::off($totals, $cooked->tangents, $amount, [], 1.0, 1.0);
        foreach ($cooked->tangents as $source => $tangent) {
            $at = static function (float $step) use ($totals, $tangent, $amount): array {
                foreach ($tangent as $constituent => $grams) {
                    $totals[$constituent] += $step * $grams;
                }

                return Steam::off($totals, [], $amount, [], 1.0, 1.0);
            };
            [$less, $more] = [$at(-self::STEP), $at(self::STEP)];

            self::assertEqualsWithDelta(
                ($more[0] - $less[0]) / 2 / self::STEP,
                $waterSlopes[$source],
                1e-4 * $totals[Constituent::WATER],
            );
            self::assertEqualsWithDelta(
                ($more[1] - $less[1]) / 2 / self::STEP,
                $aceticSlopes[$source],
                1e-4 * $totals[Constituent::ACETIC],
            );
        }
    }

    /** A column's interval takes what brings one taste to be known alike, whatever of it a thing has. */
    public function test_what_one_taste_is_made_of_is_known_as_well_in_all_its_parts(): void
    {
        $tastes = [
            Measure::Sweetness->weights(),
            Measure::Saltiness->weights(),
            Measure::Umami->weights(),
            Measure::synergyWeights(),
            Measure::Heat->weights(),
        ];
        foreach (Sauce::catalogue()->slugs() as $slug) {
            foreach ($tastes as $weights) {
                self::assertCount(
                    1,
                    array_unique(
                        array_map(
                            static fn (int $each): string => (string) Sauce::ingredient($slug)->spreadOf($each),
                            array_keys($weights),
                        ),
                    ),
                    $slug,
                );
            }
        }
    }

    /** What is there weighs the same whether all is asked for or only that. */
    public function test_the_weights_of_what_is_there_are_those_of_all(): void
    {
        foreach (self::sauces() as [$lines]) {
            $acidity = Acidity::of(self::grams($lines)) ?? self::fail('It has no pH.');
            foreach ($acidity->ownSurplusWeights() as $constituent => $weight) {
                self::assertSame($weight, $acidity->surplusWeights()[$constituent]);
            }
        }
    }

    public function test_the_mass_and_the_volume_written_out_are_those_of_the_tables(): void
    {
        foreach (array_keys(Constituent::KEYS) as $constituent) {
            $one = array_replace(array_fill(0, Constituent::COUNT, 0.0), [$constituent => 1.0]);

            self::assertSame(
                Density::millilitresPerGram($constituent),
                Density::volumeOf($one),
                Constituent::KEYS[$constituent],
            );
            self::assertSame(
                in_array($constituent, Constituent::MASS_BEARING, true) ? 1.0 : 0.0,
                Mixture::massOf($one),
            );
        }
    }

    /**
     * @param array<string, string> $lines
     *
     * @return array<int, float>
     */
    private static function grams(array $lines): array
    {
        return Sauce::evaluate($lines)->cooked->mixture->grams;
    }

    /**
     * @param array<int, float> $grams
     * @param callable(array<int, float>): float $of
     */
    private static function slope(array $grams, int $constituent, callable $of, float $step = self::STEP): float
    {
        $step = min($step, $grams[$constituent] > 0.0 ? $grams[$constituent] / 10 : $step);
        $less = $more = $grams;
        $less[$constituent] -= $grams[$constituent] > 0.0 ? $step : 0.0;
        $more[$constituent] += $step;

        return ($of($more) - $of($less)) / ($more[$constituent] - $less[$constituent]);
    }
}
