<?php

declare(strict_types=1);

namespace Tests\Core\Cooking;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\Recipe;
use Vinculum\Taste\Measure;

final class KitchenTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, float>, float}> until, mass left of 500 g sugar and 1000 g water
     */
    public static function endPoints(): iterable
    {
        yield 'a share of the pot' => [['loss_percent' => 20], 1200.0];
        yield 'a mass' => [['mass_g' => 900], 900.0];
        // 500 g of sugar fill 500/1.5929 mL, so 750 mL leave 436.1 mL for water
        yield 'a volume' => [['volume_ml' => 750], 500 + 0.9982 * (750 - 500 / 1.5929)];
    }

    /**
     * @param array<string, float> $until
     */
    #[DataProvider('endPoints')]
    public function test_a_reduction_takes_water_and_nothing_else(array $until, float $left): void
    {
        $before = Sauce::evaluate(['sugar' => '500 g', 'water' => '1000 g'])->cooked;
        $after = Sauce::evaluate(
            ['sugar' => '500 g', 'water' => '1000 g'],
            ['process' => ['kind' => 'simmer', 'until' => $until]],
        )->cooked;

        self::assertEqualsWithDelta($left, $after->mixture->mass(), 1.0);
        self::assertEqualsWithDelta(
            $after->stages[0]->massIn,
            $after->stages[0]->massOut + $after->stages[0]->boiledOff,
            1e-9,
        );
        foreach ($before->mixture->grams as $constituent => $grams) {
            if ($constituent !== Constituent::WATER) {
                self::assertEqualsWithDelta($grams, $after->mixture->grams[$constituent], 1e-12);
            }
        }
    }

    public function test_a_volume_is_reached_exactly(): void
    {
        $sauce = Sauce::evaluate(
            ['sugar' => '500 g', 'water' => '1000 g'],
            ['process' => ['kind' => 'simmer', 'until' => ['volume_ml' => 750]]],
        );

        self::assertEqualsWithDelta(750.0, $sauce->estimates->volume()->value, 1e-9);
    }

    public function test_what_each_line_has_left_adds_up_to_the_pot(): void
    {
        $cooked = Sauce::evaluate(
            ['gooseberry' => '1 kg', 'sugar' => '1 cup', 'cider-vinegar' => '1 cup'],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 35]]],
        )->cooked;
        foreach ($cooked->mixture->grams as $constituent => $grams) {
            self::assertEqualsWithDelta($grams, array_sum(array_column($cooked->rows, $constituent)), 1e-9);
        }
    }

    public function test_a_later_stage_is_added_to_what_the_earlier_left(): void
    {
        $recipe = Sauce::of(
            [],
            [],
            [
                'stages' => [
                    [
                        'id' => 'one',
                        'lines' => [['ingredient' => 'water', 'amount' => '1 kg']],
                        'process' => ['kind' => 'boil', 'until' => ['loss_percent' => 50]],
                    ],
                    ['id' => 'two', 'lines' => [['ingredient' => 'sugar', 'amount' => '100 g']]],
                ],
            ],
        );
        $stages = \Vinculum\Evaluation\Evaluation::of($recipe, Sauce::catalogue(), null)->cooked->stages;

        self::assertEqualsWithDelta(
            [1000.0, 500.0, 500.0],
            [$stages[0]->massIn, $stages[0]->boiledOff, $stages[0]->massOut],
            1e-9,
        );
        self::assertEqualsWithDelta(
            [600.0, 0.0, 600.0],
            [$stages[1]->massIn, $stages[1]->boiledOff, $stages[1]->massOut],
            1e-9,
        );
    }

    /**
     * @return iterable<string, array{array<string, float>, string}>
     */
    public static function unreachable(): iterable
    {
        yield 'more than there is' => [
            ['mass_g' => 2000],
            'This stage cannot end at 2 000 g: 1 500 g go in, and without any water there would be 500 g.',
        ];
        yield 'below the dry matter' => [['mass_g' => 100], 'without any water there would be 500 g'];
        yield 'a larger share than is water' => [
            ['loss_percent' => 80],
            'cannot lose 80 %: only 66 % of what is in the pot is water',
        ];
        yield 'a volume below the dry matter' => [['volume_ml' => 100], 'cannot end at 100 mL'];
    }

    /**
     * @param array<string, float> $until
     */
    #[DataProvider('unreachable')]
    public function test_an_end_point_out_of_reach_is_answered_and_nothing_is_taken(array $until, string $words): void
    {
        $sauce = Sauce::evaluate(
            ['sugar' => '500 g', 'water' => '1000 g'],
            ['process' => ['kind' => 'simmer', 'until' => $until]],
        );

        self::assertEqualsWithDelta(1500.0, $sauce->estimates->mass()->value, 1e-9);
        self::assertStringContainsString($words, Say::it($sauce->problems()[0]->text));
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}> a process, and what is said of it
     */
    public static function impossible(): iterable
    {
        yield 'no minutes at all' => [
            ['kind' => 'simmer', 'minutes' => 0],
            'is given 0 minutes, so nothing boils off. Say how many minutes',
        ];
        yield 'a lid on a reduction' => [
            ['kind' => 'simmer', 'lid' => true, 'until' => ['loss_percent' => 30]],
            'has a lid on, so nothing boils off. Take the lid off',
        ];
        yield 'so long that it boils dry' => [
            ['kind' => 'boil', 'heat' => 'high', 'minutes' => 120],
            'would boil dry after about 22 minutes',
        ];
    }

    /**
     * @param array<string, mixed> $process
     */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_answered_with_what_can(array $process, string $words): void
    {
        $sauce = Sauce::evaluate(['sugar' => '500 g', 'water' => '1000 g'], ['process' => $process]);

        self::assertStringContainsString($words, Say::it($sauce->problems()[0]->text));
        self::assertGreaterThan(500.0, $sauce->estimates->mass()->value);
    }

    public function test_a_stage_without_water_has_nothing_to_boil_off(): void
    {
        $sauce = Sauce::evaluate(['sunflower-oil' => '100 g'], ['process' => ['kind' => 'simmer', 'minutes' => 10]]);

        self::assertStringContainsString('no water to boil off', Say::it($sauce->problems()[0]->text));
    }

    public function test_salt_alone_boils_nothing_off_however_far_it_is_to_go(): void
    {
        foreach (['loss_percent' => 30, 'mass_g' => 5, 'volume_ml' => 30] as $until => $value) {
            $salt = Sauce::evaluate(
                ['fine-salt' => '12 g'],
                ['process' => ['kind' => 'simmer', 'until' => [$until => $value]]],
            );
            self::assertSame(0.0, $salt->cooked->stages[0]->boiledOff, $until);
        }
    }

    public function test_by_the_clock_a_kilowatt_boils_off_27_grams_a_minute(): void
    {
        // 1 kW / 2257 kJ/kg = 26.6 g/min (steam tables); medium is 1 kW on the large ring, so ten minutes take 266 g
        $boil = ['kind' => 'boil', 'minutes' => 10, 'pan_cm' => 24];
        $sauce = Sauce::evaluate(['water' => '1000 g'], ['process' => $boil]);

        self::assertEqualsWithDelta(1000 - (1.0 / 2.257) * 600, $sauce->estimates->mass()->value, 0.1);
        self::assertGreaterThan(0.1, $sauce->estimates->mass()->spread, 'and no two hobs agree');
    }

    public function test_a_wide_pan_simmers_faster_than_a_narrow_one_and_a_lid_keeps_it_all(): void
    {
        $left = static fn (array $process): float => Sauce::evaluate(
            ['water' => '1000 g'],
            ['process' => $process + ['kind' => 'simmer', 'minutes' => 10]],
        )->estimates->mass()->value / 1000;

        self::assertEqualsWithDelta(4.0, log($left(['pan_cm' => 32])) / log($left(['pan_cm' => 16])), 1e-6);
        self::assertEqualsWithDelta(1.0, $left(['lid' => true]), 1e-9);
    }

    public function test_alcohol_stays_as_the_usda_table_says_however_the_minutes_are_divided(): void
    {
        $left = static function (array $minutes, array $more = []): float {
            $stages = array_map(
                static fn (float|int $each): array => [
                    'lines' => [],
                    'process' => ['kind' => 'simmer', 'minutes' => $each, 'heat' => 'low', 'pan_cm' => 12] + $more,
                ],
                $minutes,
            );
            $stages[0]['lines'] = [
                ['ingredient' => 'brandy', 'amount' => '100 g'],
                ['ingredient' => 'water', 'amount' => '2000 g'],
            ];

            return Evaluation::of(Sauce::of([], [], ['stages' => $stages]), Sauce::catalogue(), null)->cooked->mixture
                ->grams[Constituent::ETHANOL];
        };
        $all = Sauce::evaluate(['brandy' => '100 g'])->cooked->mixture->grams[Constituent::ETHANOL];

        self::assertEqualsWithDelta(0.4, $left([15]) / $all, 1e-9);
        self::assertEqualsWithDelta(0.25, $left([60]) / $all, 1e-9);
        self::assertEqualsWithDelta($left([45]), $left([5, 10, 30]), 1e-9);
        self::assertEqualsWithDelta(1.0, $left([15], ['lid' => true]) / $all, 1e-9, 'none is lost under a lid');
    }

    public function test_vinegar_leaves_with_the_steam_and_lemon_does_not(): void
    {
        $kept = static function (string $slug, int $acid): float {
            $grams = static fn (array $stage): float => Sauce::evaluate([$slug => '200 g', 'water' => '800 g'], $stage)
                ->cooked->mixture->grams[$acid];

            return $grams(['process' => ['kind' => 'boil', 'until' => ['loss_percent' => 50]]]) / $grams([]);
        };

        // Rayleigh with relative volatility 0.7: half the water leaves 0.5^0.7 = 0.616 of the undissociated acid
        self::assertEqualsWithDelta(0.616, $kept('white-vinegar', Constituent::ACETIC), 0.02);
        self::assertEqualsWithDelta(1.0, $kept('lemon-juice', Constituent::CITRIC), 1e-12);
    }

    public function test_what_is_lifted_out_takes_its_liquor_along(): void
    {
        $lines = [
            ['id' => 'o', 'ingredient' => 'onion', 'amount' => '200 g', 'handling' => 'steeped'],
            ['id' => 'w', 'ingredient' => 'water', 'amount' => '700 g'],
            ['id' => 's', 'ingredient' => 'fine-salt', 'amount' => '20 g'],
        ];
        $kept = Sauce::evaluate($lines, ['strain' => ['press' => 0]]);
        $pressed = Sauce::evaluate($lines, ['strain' => ['press' => 1]]);
        $sodium = static fn (Evaluation $sauce): float => $sauce->cooked->mixture->grams[Constituent::SODIUM];

        // 178 g of water in the onion, of 878 in all: a fifth of what is dissolved leaves
        self::assertEqualsWithDelta(1 - 178 / 878, $sodium($kept) / $sodium($pressed), 0.005);
        self::assertLessThan(0.01, $kept->cooked->mixture->grams[Constituent::INSOLUBLE]);
        self::assertEqualsWithDelta(920.0, $kept->estimates->mass()->value + $kept->cooked->stages[0]->liftedOut, 1e-9);
    }

    public function test_a_chilli_left_whole_gives_its_heat_sparingly(): void
    {
        $heat = static fn (array $how): float => Sauce::evaluate([
            ['id' => 'h', 'ingredient' => 'habanero', 'amount' => '10 g'] + $how,
            ['id' => 'w', 'ingredient' => 'water', 'amount' => '990 g'],
        ])->tasting->value(Measure::Heat);

        self::assertLessThan(0.12, $heat(['handling' => 'whole']) / $heat([]));
        self::assertGreaterThan(0.9, $heat(['handling' => 'steeped']) / $heat([]));
        self::assertEqualsWithDelta(
            0.5,
            $heat(['handling' => 'steeped', 'extent' => 0.5]) / $heat(['handling' => 'steeped']),
            0.02,
        );
    }

    public function test_what_was_roasted_before_weighs_less(): void
    {
        $sauce = Sauce::evaluate([
            ['id' => 't', 'ingredient' => 'tomatillo', 'amount' => '500 g', 'loss_percent' => 30],
        ]);
        self::assertEqualsWithDelta(350.0, $sauce->estimates->mass()->value, 1e-9);

        $dust = Sauce::evaluate([
            ['id' => 'p', 'ingredient' => 'smoked-paprika', 'amount' => '10 g', 'loss_percent' => 50],
        ]);
        self::assertStringContainsString(
            'cannot have lost 50 %: only 11 % of it is water',
            Say::it($dust->problems()[0]->text),
        );
    }

    public function test_starch_thickens_once_it_has_boiled_and_mustard_fades(): void
    {
        $lines = ['maize-starch' => '10 g', 'mustard-powder' => '5 g', 'water' => '300 g'];
        $raw = Sauce::evaluate($lines);
        $boiled = Sauce::evaluate($lines, ['process' => ['kind' => 'boil', 'minutes' => 4, 'lid' => true]]);

        self::assertSame(
            ['coats thinly', 'holds a line'],
            [$raw->estimates->thickness()?->words(), $boiled->estimates->thickness()?->words()],
        );
        self::assertLessThan(
            0.5,
            $boiled->cooked->mixture->grams[Constituent::MUSTARD_BITE]
                / $raw->cooked->mixture->grams[Constituent::MUSTARD_BITE],
        );
    }

    /**
     * @return iterable<string, array{int}>
     */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            yield "recipe {$seed}" => [$seed];
        }
    }

    public function test_lifting_a_thing_out_moves_no_ph_by_itself_and_takes_no_more_than_its_own_size(): void
    {
        $onion = static fn (string $handling): Evaluation => Sauce::evaluate(
            [
                ['id' => 'w', 'ingredient' => 'water', 'amount' => '500 g'],
                ['id' => 'o', 'ingredient' => 'onion', 'amount' => '110 g', 'handling' => $handling],
            ],
            ['process' => ['kind' => 'simmer', 'minutes' => 20, 'lid' => true], 'strain' => ['press' => 0]],
        );
        self::assertEqualsWithDelta($onion('in')->cooked->acidity?->ph, $onion('steeped')->cooked->acidity?->ph, 0.1);
        self::assertEqualsWithDelta(500.0, $onion('steeped')->cooked->mixture->mass(), 8.0);
        // coconut milk, whose protein stays in the pot when liquor leaves it
        $coconut = static fn (string $handling, float $press = 0.0): Evaluation => Sauce::evaluate(
            [
                ['id' => 'c', 'ingredient' => 'coconut-milk', 'amount' => '400 g'],
                ['id' => 'o', 'ingredient' => 'onion', 'amount' => '110 g', 'handling' => $handling],
            ],
            ['process' => ['kind' => 'simmer', 'minutes' => 20, 'lid' => true], 'strain' => ['press' => $press]],
        );
        self::assertEqualsWithDelta(
            $coconut('in')->cooked->acidity?->ph,
            $coconut('steeped')->cooked->acidity?->ph,
            0.1,
        );
        self::assertEqualsWithDelta(
            $coconut('steeped')->cooked->acidity?->ph,
            $coconut('steeped', 0.9)->cooked->acidity?->ph,
            0.02,
        );
    }

    /** Quince, shallot and ginger lifted out of a strong glaze shrink in it: some 620 g are left, not 488. */
    public function test_a_glaze_that_things_were_steeped_in_leaves_what_they_do_not_hold(): void
    {
        $lines = static fn (string $handling): array => [
            'light-brown-sugar' => '260 g',
            'soy-sauce' => '310 g',
            'water' => '140 g',
            ...array_map(
                static fn (array $each): array => [
                    'id' => $each[0],
                    'ingredient' => $each[0],
                    'amount' => $each[1],
                    'handling' => $handling,
                ],
                [['quince', '150 g'], ['shallot', '60 g'], ['ginger', '30 g']],
            ),
        ];
        $stage = ['process' => ['kind' => 'simmer', 'heat' => 'low', 'minutes' => 25], 'strain' => ['press' => 0]];
        [$in, $steeped] = [
            Sauce::evaluate($lines('in'), $stage)->cooked,
            Sauce::evaluate($lines('steeped'), $stage)->cooked,
        ];

        self::assertEqualsWithDelta(620.0, $steeped->mixture->mass(), 15.0);
        self::assertLessThan(240.0, $steeped->stages[0]->liftedOut);
        self::assertEqualsWithDelta($in->acidity?->ph, $steeped->acidity?->ph, 0.05);
    }

    /**
     * @return iterable<string, array{int}>
     */
    public static function fewSeeds(): iterable
    {
        return array_slice(iterator_to_array(self::seeds()), 0, 12);
    }

    /** Random recipes of four stages with every kind of process and handling. */
    #[DataProvider('seeds')]
    public function test_water_balances_to_the_gram_and_nothing_falls_below_nothing(int $seed): void
    {
        $cooked = Evaluation::of(self::random($seed), Sauce::catalogue(), null)->cooked;
        $in = $out = 0.0;
        foreach ($cooked->stages as $stage) {
            $in += $stage->waterIn;
            $out += $stage->waterOff + $stage->waterLifted;
            self::assertEqualsWithDelta(
                $stage->massIn,
                $stage->massOut + $stage->boiledOff + $stage->liftedOut,
                1e-9 * $stage->massIn,
            );
        }

        self::assertEqualsWithDelta($in, $out + $cooked->mixture->grams[Constituent::WATER], 1e-9 * $in);
        foreach ($cooked->mixture->grams as $constituent => $grams) {
            self::assertGreaterThanOrEqual(0.0, $grams);
            self::assertEqualsWithDelta(
                $grams,
                array_sum(array_column($cooked->rows, $constituent)),
                1e-9 * max(1.0, $grams),
                'rows add up',
            );
        }
    }

    /** What intervals rest on, through every kind of process: tangents against central differences. */
    #[DataProvider('fewSeeds')]
    public function test_tangents_are_the_slopes_of_the_pot(int $seed): void
    {
        $at = Evaluation::of(self::random($seed), Sauce::catalogue(), null)->cooked;
        $step = 1e-4;
        foreach ([0, 3, 5] as $line) {
            $up = Evaluation::of(self::random($seed, $line, exp($step)), Sauce::catalogue(), null)->cooked->mixture
                ->grams;
            $down = Evaluation::of(self::random($seed, $line, exp(-$step)), Sauce::catalogue(), null)->cooked->mixture
                ->grams;
            foreach ($at->tangents[$line] as $constituent => $tangent) {
                self::assertEqualsWithDelta(
                    ($up[$constituent] - $down[$constituent]) / (2 * $step),
                    $tangent,
                    1e-4 + 1e-5 * abs($at->mixture->grams[$constituent]),
                    Constituent::KEYS[$constituent],
                );
            }
        }
    }

    private static function random(int $seed, int $moved = -1, float $by = 1.0): Recipe
    {
        $random = new Randomizer(new Mt19937($seed));
        $slugs = [
            'cider-vinegar',
            'passata',
            'brandy',
            'onion',
            'sugar',
            'cinnamon-stick',
            'soy-sauce',
            'lemon-juice',
            'maize-starch',
            'red-chilli',
            'double-cream',
            'water',
        ];
        $stages = [];
        $line = 0;
        foreach (
            [
                ['kind' => 'fry', 'minutes' => $random->getInt(1, 9)],
                ['kind' => 'simmer', 'until' => ['loss_percent' => $random->getInt(5, 30)]],
                ['kind' => 'simmer', 'minutes' => $random->getInt(2, 12), 'heat' => 'low'],
                ['kind' => 'boil', 'until' => ['loss_percent' => $random->getInt(6, 15)], 'minutes' => 20],
            ] as $number => $process
        ) {
            $lines = [];
            for ($i = 0; $i < 3; $i++) {
                $grams = $random->getInt(40, 400) * ($line === $moved ? $by : 1.0);
                $handling = ['in', 'in', 'steeped', 'whole'][$random->getInt(0, 3)];
                $lines[] = [
                    'id' => "l{$line}",
                    'ingredient' => $slugs[$line],
                    'amount' => sprintf('%.9f g', $grams),
                    'handling' => $handling,
                    'extent' => $random->getInt(3, 10) / 10,
                ];
                $line++;
            }
            $stages[] = ['lines' => $lines, 'process' => $process, 'strain' => $number === 1 ? ['press' => 0.3] : null];
        }

        return Sauce::of([], [], ['stages' => $stages]);
    }

    public function test_an_empty_pot_has_nothing_and_breaks_nothing(): void
    {
        $sauce = Sauce::evaluate([], ['process' => ['kind' => 'boil', 'until' => ['loss_percent' => 10]]]);

        self::assertSame(0.0, $sauce->estimates->mass()->value);
        self::assertSame(0.0, $sauce->tasting->value(Measure::Sweetness));
        self::assertNull($sauce->estimates->density());
    }

    /**
     * To within a hair of what is dry in it: said to be out of reach, and nothing else happens. Found by SciPy, on
     * its way to a style.
     */
    public function test_an_end_point_a_hair_above_the_dry_matter_is_out_of_reach(): void
    {
        $lines = [
            'passata' => '674 g',
            'gooseberry' => '545 g',
            'sugar' => '96.7 g',
            'cider-vinegar' => '70.2 g',
            'lime-juice' => '37.9 g',
            'fine-salt' => '14.4 g',
        ];
        $raw = Sauce::evaluate($lines)->cooked->mixture;
        $dry = $raw->mass() - $raw->grams[Constituent::WATER];
        foreach ([1e-12, 1e-9, 1e-6, 1e-3, 0.1, 10.0] as $above) {
            $sauce = Sauce::evaluate($lines, [
                'process' => ['kind' => 'simmer', 'until' => ['mass_g' => $dry + $above]],
            ]);
            $codes = array_map(static fn ($problem): string => $problem->code, $sauce->problems());
            self::assertTrue(is_finite($sauce->estimates->mass()->value), "{$above} g");
            self::assertSame($above < 1.0, in_array('end-point-unreachable', $codes, true), "{$above} g");
        }
    }
}
