<?php

declare(strict_types=1);

namespace Tests\Core\Taste;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\CoarseAmount;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Ratio;

final class TastingTest extends TestCase
{
    private const KETCHUP = [
        'gooseberry' => '1000 g',
        'cider-vinegar' => '300 g',
        'sugar' => '267 g',
        'fine-salt' => '12 g',
        'habanero' => '4 g',
        'white-miso' => '17 g',
        'anchovy' => '20 g',
        'tomato-paste' => '60 g',
    ];

    private const REDUCED = ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 30]]];

    public function test_two_per_cent_salt_reads_two(): void
    {
        $sauce = Sauce::evaluate(['fine-salt' => '20 g', 'water' => '980 g']);

        self::assertEqualsWithDelta(2.0, $sauce->tasting->value(Measure::Saltiness), 1e-3);
    }

    public function test_sugars_count_as_sweet_as_they_are(): void
    {
        $sauce = Sauce::evaluate(['sugar' => '100 g', 'honey' => '100 g', 'water' => '800 g']);
        $honey = 0.9 + 1.2 * 40.9 + 0.7 * 35.8 + 0.4 * 1.4;

        self::assertEqualsWithDelta((99.9 + $honey) / 10, $sauce->tasting->value(Measure::Sweetness), 1e-9);
    }

    public function test_acids_count_by_what_is_left_of_them_to_neutralise(): void
    {
        // at pH 2.3, worked by hand: citric 3.02, 4.44, 5.87 has lost 0.160 of its three, and 2.99 at 8.1; malic
        // 3.29, 4.79 has lost 0.093, and 2.00
        $sauce = Sauce::evaluate(['lemon-juice' => '1 kg']);

        self::assertEqualsWithDelta(
            (4.7 * (2.994 - 0.16) * 60.05) / 192.12 + (0.2 * (2.0 - 0.093) * 60.05) / 134.09,
            $sauce->tasting->value(Measure::Sourness),
            0.005,
        );
    }

    public function test_soda_blunts_and_brings_none_itself(): void
    {
        $sharp = Sauce::evaluate(['lemon-juice' => '100 g', 'water' => '900 g'])->tasting->value(Measure::Sourness);
        $milky = Sauce::evaluate(['lemon-juice' => '100 g', 'milk' => '900 g'])->tasting;

        self::assertLessThan(0.8 * $sharp, $milky->value(Measure::Sourness), 'milk takes up acid');
    }

    public function test_in_the_water_of_a_fat_sauce_everything_dissolved_is_stronger(): void
    {
        $sauce = Sauce::evaluate(['fine-salt' => '10 g', 'olive-oil' => '490 g', 'water' => '500 g']);

        self::assertEqualsWithDelta(1.0, $sauce->tasting->value(Measure::Saltiness), 1e-3);
        self::assertEqualsWithDelta((10 / 510) * 100, $sauce->inTheWater(Measure::Saltiness), 1e-3);
        self::assertNull($sauce->inTheWater(Measure::Heat), 'heat is in the fat');
        self::assertNull(
            Sauce::evaluate(['fine-salt' => '10 g', 'olive-oil' => '40 g', 'water' => '500 g'])->inTheWater(
                Measure::Saltiness,
            ),
        );
    }

    public function test_a_fresh_habanero_is_its_dry_figure_times_its_solids(): void
    {
        $sauce = Sauce::evaluate(['habanero' => '10 g', 'water' => '990 g']);

        self::assertEqualsWithDelta(24_000 / 100, $sauce->tasting->value(Measure::Heat), 1e-9);
    }

    public function test_contributions_add_up_to_the_figure_exactly(): void
    {
        foreach (Sauce::evaluate(self::KETCHUP, self::REDUCED)->tasting->measures as $name => $tasted) {
            self::assertGreaterThan(0.0, $tasted->figure->value, $name);
            self::assertEqualsWithDelta(
                $tasted->figure->value,
                array_sum($tasted->contributions),
                1e-12 * $tasted->figure->value,
                $name,
            );
        }
    }

    /**
     * @return iterable<string, array{array<string, mixed>}>
     */
    public static function cookings(): iterable
    {
        yield 'only stirred' => [[]];
        yield 'reduced by a share' => [self::REDUCED];
        yield 'reduced to a mass' => [['process' => ['kind' => 'simmer', 'until' => ['mass_g' => 1200]]]];
        yield 'by the clock' => [['process' => ['kind' => 'simmer', 'minutes' => 20]]];
        yield 'sweated' => [['process' => ['kind' => 'fry', 'minutes' => 10]]];
        yield 'reduced to a volume' => [['process' => ['kind' => 'simmer', 'until' => ['volume_ml' => 1100]]]];
    }

    /**
     * What the interval rests on: each analytic sensitivity against a central difference of the whole evaluation.
     *
     * @param array<string, mixed> $stage
     */
    #[DataProvider('cookings')]
    public function test_sensitivities_are_the_slopes_of_the_figures(array $stage): void
    {
        $at = Sauce::evaluate(self::KETCHUP, $stage);
        foreach (self::KETCHUP as $slug => $amount) {
            $step = 1e-4;
            $moved = static fn (float $by): Evaluation => Sauce::evaluate(
                array_merge(self::KETCHUP, [$slug => sprintf('%.9f g', (float) $amount * exp($by))]),
                $stage,
            );
            [$up, $down] = [$moved($step), $moved(-$step)];
            foreach ($at->tasting->measures as $name => $tasted) {
                $measure = Measure::from($name);
                $slope = log($up->tasting->value($measure) / $down->tasting->value($measure)) / (2 * $step);
                self::assertEqualsWithDelta(
                    $slope,
                    $tasted->sensitivities[self::place($at, $slug)],
                    1e-5,
                    "{$name} by {$slug}",
                );
            }
        }
    }

    public function test_a_measured_spoon_widens_what_it_brings(): void
    {
        $weighed = Sauce::evaluate(['fine-salt' => '12 g', 'water' => '1000 g'])->tasting->measures['saltiness']
            ->figure;
        $glugged = Sauce::evaluate(['soy-sauce' => '1 glug', 'water' => '1000 g'])->tasting->measures['saltiness']
            ->figure;

        self::assertLessThan(0.1, $weighed->spread);
        // a glug is known to 40 per cent, branded soy to 10; together 41
        self::assertEqualsWithDelta(sqrt(0.4 ** 2 + 0.1 ** 2), $glugged->spread, 0.01);
    }

    public function test_a_chilli_is_known_to_a_factor_of_two(): void
    {
        $heat = Sauce::evaluate(['habanero' => '1000 g', 'water' => '9000 g'])->tasting->measures['heat']->figure;

        self::assertEqualsWithDelta($heat->value * 2, $heat->high(), 0.001 * $heat->value);
        self::assertEqualsWithDelta($heat->value / 2, $heat->low(), 0.001 * $heat->value);
    }

    public function test_a_glug_of_soy_is_worth_weighing_and_a_weighed_salt_is_not(): void
    {
        $coarse = CoarseAmount::of(
            Sauce::evaluate(['soy-sauce' => '3 glugs', 'water' => '500 g', 'sugar' => '30 g', 'lime-juice' => '30 g']),
        );

        self::assertSame(['soy-sauce'], array_map(static fn ($line): string => $line->line->line->ingredient, $coarse));
        self::assertSame(Measure::Saltiness, $coarse[0]->measure);
        $salt = Sauce::evaluate([
            'soy-sauce' => '3 glugs',
            'water' => '500 g',
            'sugar' => '30 g',
            'lime-juice' => '30 g',
        ])->tasting->measures['saltiness'];
        $half = $salt->sensitivities[0] * 0.4;
        self::assertEqualsWithDelta(
            Measure::Saltiness->steps($salt->figure->value * exp(-$half), $salt->figure->value * exp($half)),
            $coarse[0]->steps,
            1e-9,
        );
        self::assertSame([], CoarseAmount::of(Sauce::evaluate(['fine-salt' => '10 g', 'water' => '500 g'])));
    }

    public function test_a_ratio_of_tied_lines_hangs_on_no_amount(): void
    {
        $ratio = Sauce::evaluate([
            ['id' => 'a', 'ingredient' => 'white-vinegar', 'amount' => '1 glug'],
            ['id' => 'b', 'ingredient' => 'sugar', 'tie' => ['line' => 'a', 'ratio' => 1]],
        ])->tasting->ratios[Ratio::SugarAcid->value];

        self::assertNotNull($ratio);
        self::assertEqualsWithDelta(sqrt(0.005 ** 2 + 0.03 ** 2), $ratio->spread, 1e-3);
    }

    public function test_a_ratio_over_next_to_nothing_is_not_given(): void
    {
        $ratios = Sauce::evaluate(['sugar' => '100 g', 'water' => '900 g'])->tasting->ratios;

        self::assertNull($ratios[Ratio::SugarAcid->value]);
        self::assertNull($ratios[Ratio::SugarSalt->value]);
        self::assertNotNull($ratios[Ratio::HeatSugar->value]);
    }

    /** What a passata is made of is one unknown, in however many lines it stands. */
    public function test_a_line_split_in_four_is_no_better_known(): void
    {
        $one = Sauce::evaluate(['passata' => '400 ml', 'sugar' => '20 g']);
        $four = Sauce::evaluate([
            'passata 1' => '100 ml',
            'passata 2' => '100 ml',
            'passata 3' => '100 ml',
            'passata 4' => '100 ml',
            'sugar' => '20 g',
        ]);

        foreach (['sourness', 'umami'] as $measure) {
            // how much went in is measured four times instead of once: of that a little is known better
            self::assertGreaterThan(
                0.95 * $one->tasting->measures[$measure]->figure->spread,
                $four->tasting->measures[$measure]->figure->spread,
                $measure,
            );
        }
        self::assertEqualsWithDelta($one->estimates->ph()?->spread, $four->estimates->ph()?->spread, 1e-3);
        self::assertGreaterThan(0.9 * $one->estimates->brix()?->spread, $four->estimates->brix()?->spread);
    }

    public function test_what_is_not_known_is_named_where_it_matters(): void
    {
        $sauce = Sauce::evaluate(['date-syrup' => '100 g', 'water' => '100 g']);
        $drop = Sauce::evaluate(['date-syrup' => '1 g', 'water' => '1000 g']);

        self::assertSame([0], $sauce->tasting->measures['umami']->unknown);
        self::assertSame([], $drop->tasting->measures['umami']->unknown);
    }

    private static function place(Evaluation $evaluation, string $slug): int
    {
        foreach ($evaluation->cooked->weighed->lines as $i => $line) {
            if ($line->line->ingredient === $slug) {
                return $i;
            }
        }
        throw new \LogicException($slug);
    }

    /** What is in a kitchen for a taste, and for that alone, is called so and has more of it than of any other. */
    public function test_the_role_of_what_is_plainly_for_a_taste_is_that_of_its_measure(): void
    {
        foreach (
            [
                'sugar' => Measure::Sweetness,
                'white-vinegar' => Measure::Sourness,
                'fine-salt' => Measure::Saltiness,
                'msg' => Measure::Umami,
                'cayenne' => Measure::Heat,
            ] as $slug => $measure
        ) {
            self::assertContains($measure->role(), Sauce::ingredient($slug)->roles, $slug);
            self::assertGreaterThan(0.0, $measure->strengthOf(Sauce::ingredient($slug)), $slug);
        }
        self::assertCount(
            5,
            array_unique(array_map(static fn (Measure $measure): string => $measure->role(), Measure::cases())),
        );
    }
}
