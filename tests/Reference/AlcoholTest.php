<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Cooking\Alcohol;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * What is left of alcohol that was cooked: USDA Table of Nutrient Retention Factors, release 6 (2007), after Augustin
 * and
 * others, J. Am. Diet. Assoc. 92 (1992) 486; from memory, two recollections agree.
 */
final class AlcoholTest extends TestCase
{
    /** @return iterable<string, array{float, float}> minutes stirred in and simmered, share retained */
    public static function table(): iterable
    {
        foreach (
            [
                [0.0, 0.85], [15.0, 0.4], [30.0, 0.35], [60.0, 0.25], [90.0, 0.2], [120.0, 0.1], [150.0, 0.05],
            ] as [$minutes, $left]
        ) {
            yield "{$minutes} minutes" => [$minutes, $left];
        }
    }

    #[DataProvider('table')]
    public function test_the_table_is_met(float $minutes, float $left): void
    {
        self::assertEqualsWithDelta($left, Alcohol::retained($minutes), 1e-9);
    }

    public function test_it_only_ever_falls_and_never_quite_to_nothing(): void
    {
        $before = Alcohol::retained(null);
        self::assertSame(1.0, $before);
        for ($minutes = 0.0; $minutes <= 600.0; $minutes += 2.5) {
            $now = Alcohol::retained($minutes);
            self::assertLessThan($before, $now, "{$minutes}");
            self::assertGreaterThan(0.0, $now);
            $before = $now;
        }
        self::assertLessThan(0.01, $before);
    }

    /** @return iterable<string, array{array<string, mixed>, float}> the stage, and how much of what went in is left */
    public static function stages(): iterable
    {
        yield 'only stirred' => [[], 1.0];
        yield 'brought to the boil' => [['process' => ['kind' => 'boil', 'minutes' => 0]], 0.85];
        $gently = ['kind' => 'simmer', 'heat' => 'low', 'pan_cm' => 12];
        yield 'half an hour' => [['process' => $gently + ['minutes' => 30]], 0.35];
        yield 'half an hour, lid on' => [['process' => ['kind' => 'simmer', 'minutes' => 30, 'lid' => true]], 1.0];
        yield 'an hour' => [['process' => $gently + ['minutes' => 60]], 0.25];
    }

    /** @param array<string, mixed> $stage */
    #[DataProvider('stages')]
    public function test_a_sauce_keeps_as_much_as_the_table_says(array $stage, float $left): void
    {
        $lines = ['passata' => '1500 g', 'red-wine' => '300 g', 'water' => '1200 g'];
        $in = 300.0 * Sauce::ingredient('red-wine')->perGram[Constituent::ETHANOL];
        $cooked = Sauce::evaluate($lines, $stage)->cooked;

        self::assertEqualsWithDelta($left, $cooked->mixture->grams[Constituent::ETHANOL] / $in, 1e-6);
        // and the lines still add up to the pot
        self::assertEqualsWithDelta(
            $cooked->mixture->grams[Constituent::ETHANOL],
            array_sum(array_column($cooked->rows, Constituent::ETHANOL)),
            1e-9,
        );
    }

    public function test_two_simmers_are_one_as_long(): void
    {
        $wine = ['ingredient' => 'red-wine', 'amount' => '300 g'];
        $rest = ['ingredient' => 'passata', 'amount' => '1500 g'];
        $gently = ['kind' => 'simmer', 'heat' => 'low', 'pan_cm' => 12];
        $twice = RecipeDocument::read([
            'format' => 'vinculum-recipe',
            'version' => 1,
            'name' => 'x',
            'stages' => [
                ['id' => 's1', 'lines' => [$wine, $rest], 'process' => $gently + ['minutes' => 20]],
                ['id' => 's2', 'lines' => [], 'process' => $gently + ['minutes' => 10]],
            ],
        ]);
        $both = Evaluation::of($twice, Sauce::catalogue(), null)->cooked->mixture->grams[Constituent::ETHANOL];
        $once = Sauce::evaluate([$wine, $rest], ['process' => $gently + ['minutes' => 30]])->cooked->mixture
            ->grams[Constituent::ETHANOL];

        self::assertEqualsWithDelta($once, $both, 1e-6 * $once);
    }

    /** What went in later has simmered for less: wine at the end is stronger than wine at the beginning. */
    public function test_each_line_by_its_own_minutes(): void
    {
        $recipe = static fn (int $of): array => [
            'format' => 'vinculum-recipe',
            'version' => 1,
            'name' => 'x',
            'stages' => [
                [
                    'id' => 's1',
                    'lines' => [
                        ['ingredient' => 'passata', 'amount' => '1500 g'],
                        ...$of === 0 ? [['ingredient' => 'red-wine', 'amount' => '300 g']] : [],
                    ],
                    'process' => ['kind' => 'simmer', 'minutes' => 30, 'heat' => 'low', 'pan_cm' => 12],
                ],
                [
                    'id' => 's2',
                    'lines' => $of === 1 ? [['ingredient' => 'red-wine', 'amount' => '300 g']] : [],
                    'process' => ['kind' => 'simmer', 'minutes' => 15, 'heat' => 'low', 'pan_cm' => 12],
                ],
            ],
        ];
        $left = static fn (int $of): float => Evaluation::of(
            RecipeDocument::read($recipe($of)),
            Sauce::catalogue(),
            null,
        )->cooked->mixture->grams[Constituent::ETHANOL];
        $in = 300.0 * Sauce::ingredient('red-wine')->perGram[Constituent::ETHANOL];

        self::assertEqualsWithDelta(0.4, $left(1) / $in, 1e-6);
        self::assertEqualsWithDelta(Alcohol::retained(45.0), $left(0) / $in, 1e-6);
    }

    /**
     * What nobody who cooks has seen: boiling makes no wine stronger, whatever is done in whatever order.
     */
    public function test_boiling_on_never_makes_it_stronger(): void
    {
        mt_srand(12);
        $kinds = [
            ['kind' => 'boil', 'heat' => 'high'], ['kind' => 'boil'], ['kind' => 'simmer', 'heat' => 'low'],
            ['kind' => 'simmer'], ['kind' => 'simmer', 'lid' => true], ['kind' => 'fry'],
        ];
        $strong = ['red-wine', 'brandy', 'mirin', 'lager'];
        $rest = ['beef-stock', 'double-cream', 'soy-sauce', 'passata'];
        for ($i = 0; $i < 150; $i++) {
            $stages = [['id' => 's0', 'lines' => [
                ['ingredient' => $strong[mt_rand(0, 3)], 'amount' => mt_rand(20, 400).' g'],
                ['ingredient' => $rest[mt_rand(0, 3)], 'amount' => mt_rand(20, 400).' g'],
            ]]];
            for ($j = 1; $j < 5; $j++) {
                $process = $kinds[mt_rand(0, 5)];
                $process += mt_rand(0, 2) === 0 && ! isset($process['lid'])
                    ? ['until' => ['loss_percent' => mt_rand(1, 25)]]
                    : ['minutes' => mt_rand(0, 8)];
                $stages[] = ['id' => "s{$j}", 'lines' => [], 'process' => $process];
            }
            $cooked = Evaluation::of(Sauce::of([], [], ['stages' => $stages]), Sauce::catalogue(), null)->cooked;
            $before = INF;
            foreach ($cooked->stages as $report) {
                $share = $report->sauce->grams[Constituent::ETHANOL] / $report->sauce->mass();
                self::assertLessThanOrEqual($before * (1 + 1e-9), $share, json_encode($stages) ?: '');
                $before = $share;
            }
        }
    }

    /** Boiled down in one go or in two, by the clock, it is the same: alcohol, vinegar and all. */
    public function test_a_boil_divided_is_the_same_boil(): void
    {
        $left = static function (array $minutes): array {
            $stages = array_map(
                static fn (float|int $each): array => [
                    'lines' => [],
                    'process' => ['kind' => 'boil', 'minutes' => $each, 'heat' => 'medium'],
                ],
                $minutes,
            );
            $stages[0]['lines'] = [
                ['ingredient' => 'red-wine', 'amount' => '300 g'],
                ['ingredient' => 'wine-vinegar', 'amount' => '60 g'],
                ['ingredient' => 'beef-stock', 'amount' => '400 g'],
            ];

            return Evaluation::of(Sauce::of([], [], ['stages' => $stages]), Sauce::catalogue(), null)->cooked->mixture
                ->grams;
        };
        $once = $left([9]);

        foreach ([[2, 7], [1, 1, 1, 6], [4.5, 4.5]] as $divided) {
            foreach ([Constituent::ETHANOL, Constituent::WATER, Constituent::ACETIC] as $of) {
                self::assertEqualsWithDelta($once[$of], $left($divided)[$of], 1e-6 * $once[$of] + 1e-9);
            }
        }
    }

    /**
     * Rayleigh's law: of wine boiled to half its water in an open pan a sixty-fourth of the alcohol is left, less
     * than any dish of the table.
     */
    public function test_hard_boiled_wine_has_hardly_any_left(): void
    {
        $wine = Sauce::evaluate(['red-wine' => '250 g'])->cooked->mixture->grams[Constituent::ETHANOL];
        $reduced = Sauce::evaluate(
            ['red-wine' => '250 g'],
            ['process' => ['kind' => 'boil', 'heat' => 'high', 'until' => ['mass_g' => 110]]],
        );

        self::assertLessThan(0.02 * $wine, $reduced->cooked->mixture->grams[Constituent::ETHANOL]);
        self::assertEqualsWithDelta(110.0, $reduced->cooked->mixture->mass(), 1e-6);
    }

    /** Common practice: a litre in a pan of 20 cm is down by a third after 15 to 28 minutes of a gentle boil. */
    public function test_a_litre_is_down_by_a_third_in_under_half_an_hour(): void
    {
        $left = static fn (string $kind, float $minutes): float => Sauce::evaluate(
            ['water' => '1000 g'],
            ['process' => ['kind' => $kind, 'minutes' => $minutes, 'pan_cm' => 20]],
        )->cooked->mixture->mass();

        self::assertGreaterThan(667.0, $left('simmer', 15.0));
        self::assertLessThan(667.0, $left('simmer', 30.0));
        self::assertLessThan(667.0, $left('boil', 20.0));
    }
}
