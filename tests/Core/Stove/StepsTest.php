<?php

declare(strict_types=1);

namespace Tests\Core\Stove;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Batch\Making;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Ends;
use Vinculum\Stove\Finish;
use Vinculum\Stove\Step;
use Vinculum\Stove\StepKind;
use Vinculum\Stove\Steps;

/** A recipe as a maker does it. */
final class StepsTest extends TestCase
{
    public function test_fat_goes_in_before_what_is_bloomed_in_it_and_starch_last_and_smooth(): void
    {
        $steps = self::of([
            [
                'id' => 'a',
                'lines' => [
                    ['id' => 'cumin', 'ingredient' => 'cumin-ground', 'amount' => '1 tsp'],
                    ['id' => 'onion', 'ingredient' => 'onion', 'amount' => '1 small', 'prep' => 'chopped'],
                    ['id' => 'oil', 'ingredient' => 'sunflower-oil', 'amount' => '2 tbsp'],
                ],
                'process' => ['kind' => 'fry', 'minutes' => 6],
            ],
            [
                'id' => 'b',
                'lines' => [
                    ['id' => 'starch', 'ingredient' => 'corn-starch', 'amount' => '1 tbsp'],
                    ['id' => 'water', 'ingredient' => 'water', 'amount' => '400 g'],
                    ['id' => 'soy', 'ingredient' => 'soy-sauce', 'amount' => '3 tbsp'],
                ],
                'process' => ['kind' => 'simmer', 'minutes' => 5, 'lid' => true],
            ],
        ]);

        self::assertSame(['oil', 'onion', 'cumin'], $steps['a.add']->lines);
        self::assertStringContainsString('burns soon', Say::it($steps['a.add']->notes['cumin']));
        self::assertSame('starch', $steps['b.add']->lines[2]);
        self::assertStringContainsString(
            'stirred smooth in a little cold water',
            Say::it($steps['b.add']->notes['starch']),
        );
        self::assertStringContainsString(
            'Cloudy, then clear',
            implode(' ', array_map(Say::it(...), $steps['b.simmer']->lookFor)),
        );
        self::assertSame(['onion'], $steps['prepare']->lines);
    }

    public function test_the_work_the_maker_says_it_takes_is_all_the_work_of_the_stage(): void
    {
        $hands = static fn (array $stage): float => array_sum(
            array_map(
                static fn ($step): float => $step->stage !== null
                && in_array($step->kind, [StepKind::Add, StepKind::Blend], true)
                    ? $step->minutes->value
                    : 0.0,
                Steps::of(Sauce::evaluate(['plum' => '1 kg', 'white-sugar' => '200 g'], $stage)),
            ),
        );

        self::assertSame(25.0, $hands(['hands_minutes' => 25, 'process' => ['kind' => 'simmer', 'minutes' => 40]]));
        self::assertSame(
            25.0,
            $hands(['hands_minutes' => 25, 'process' => ['kind' => 'blend']]),
            'blended in that time, and not besides',
        );
        self::assertSame(25.0, $hands(['hands_minutes' => 25]));
    }

    public function test_what_is_strong_is_held_back_where_a_long_reduction_is_to_come(): void
    {
        $lines = [
            ['id' => 'tomato', 'ingredient' => 'tomato', 'amount' => '1 kg'],
            ['id' => 'salt', 'ingredient' => 'fine-salt', 'amount' => '2 tsp'],
            ['id' => 'bay', 'ingredient' => 'bay-leaf-dried', 'amount' => '2', 'handling' => 'steeped'],
        ];
        $long = self::of([
            [
                'id' => 'a',
                'lines' => $lines,
                'process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 40]],
                'strain' => ['press' => 0],
            ],
        ]);
        $short = self::of([
            [
                'id' => 'a',
                'lines' => $lines,
                'process' => ['kind' => 'simmer', 'minutes' => 10, 'lid' => true],
                'strain' => ['press' => 0],
            ],
        ]);

        self::assertStringContainsString('hold back a third', Say::it($long['a.add']->notes['salt']));
        self::assertArrayNotHasKey('salt', $short['a.add']->notes);
        self::assertSame(['bay'], $long['a.strain']->lines);
        self::assertTrue($long['a.simmer']->isReduction);
        self::assertFalse($short['a.simmer']->isReduction);
        self::assertFalse($long['a.simmer']->isHands);
    }

    public function test_how_it_ends_decides_what_is_done_once_it_is_made(): void
    {
        $after = static fn (array $stage, string $ends, string $to = '', string $portions = ''): array => array_slice(
            self::of([$stage], new Making($to, 5.0, $portions, Ends::from($ends))),
            array_search('taste', array_keys(self::of([$stage])), true) + 1,
        );
        $cold = ['id' => 'a', 'lines' => [
            ['id' => 'm', 'ingredient' => 'mayonnaise', 'amount' => '1 cup'],
            ['id' => 'v', 'ingredient' => 'cider-vinegar', 'amount' => '2 tbsp'],
        ]];
        $hot = ['id' => 'a', 'lines' => [['id' => 't', 'ingredient' => 'tomato', 'amount' => '1 kg']],
            'process' => ['kind' => 'simmer', 'minutes' => 20]];

        self::assertSame(['serve'], array_keys($after($hot, 'hot')), 'what is eaten hot is not cooled and jarred');
        self::assertStringContainsString('57 °C', Say::it($after($hot, 'hot')['serve']->say[1]));
        self::assertSame(['cool', 'chill', 'serve'], array_keys($after($hot, 'cold')));
        self::assertSame(['serve'], array_keys($after($cold, 'cold')), 'what was never warm needs no cooling');
        self::assertSame(['cool', 'fill'], array_keys($after($hot, 'jarred')));
        self::assertSame(['fill'], array_keys($after($cold, 'jarred')));
        self::assertStringContainsString('Cool it fast', Say::it($after($hot, 'jarred')['cool']->say[0]));
        self::assertStringContainsString('heat-proof', Say::it($after($hot, 'jarred')['fill']->say[0]));
        self::assertStringNotContainsString('heat-proof', Say::it($after($cold, 'jarred')['fill']->say[0]));
        self::assertStringContainsString('freezer', Say::it($after($hot, 'frozen')['fill']->say[1]));
        self::assertStringContainsString('what it is to become', Say::it($after($hot, 'base')['fill']->say[1]));
        $rests = ['rest_better_minutes' => 2880] + $hot;
        self::assertSame(['cool', 'fill', 'rest'], array_keys($after($rests, 'jarred')));
        self::assertSame(['cool', 'rest', 'serve'], array_keys($after($rests, 'cold')));
        self::assertSame(['serve'], array_keys($after($rests, 'hot')));
    }

    public function test_what_is_set_apart_is_set_apart_before_anything_else_and_the_jars_asked_for_are_said(): void
    {
        $stage = ['id' => 'a', 'lines' => [['id' => 'k', 'ingredient' => 'tomato-ketchup', 'amount' => '600 g']]];
        $portions = '200 g for the marinade, table the rest';
        $steps = self::of([$stage], new Making('2 x 250 ml', 5.0, $portions, Ends::Jarred));

        self::assertSame(['gather', 'a.add', 'taste', 'set-apart', 'fill'], array_keys($steps));
        $said = implode(' ', array_map(Say::it(...), $steps['set-apart']->say));
        self::assertStringContainsString('Marinade: 1', $said);
        self::assertStringContainsString('Never table sauce', $said);
        self::assertMatchesRegularExpression('/jars: 2, with 23\d mL in each/', Say::it($steps['fill']->say[0]));
        $without = self::of([$stage], new Making('', 5.0, '9 l for the marinade', Ends::Jarred));
        self::assertArrayNotHasKey('set-apart', $without, 'what there is not is not set apart');
    }

    public function test_a_large_pan_is_stood_in_cold_water_and_a_small_one_cools_by_itself(): void
    {
        $cools = static fn (string $amount): Step => self::of([[
            'id' => 'a',
            'lines' => [['id' => 't', 'ingredient' => 'tomato', 'amount' => $amount]],
            'process' => ['kind' => 'simmer', 'minutes' => 20, 'lid' => true],
        ]], new Making(ends: Ends::Jarred))['cool'];

        self::assertStringContainsString('by itself', Say::it($cools('250 g')->say[1]));
        self::assertStringContainsString('cold water', Say::it($cools('5 kg')->say[1]));
        self::assertGreaterThan($cools('250 g')->minutes->value, $cools('500 g')->minutes->value);
        self::assertGreaterThan($cools('2 kg')->minutes->value, $cools('5 kg')->minutes->value);
        self::assertLessThan(120.0, $cools('10 kg')->minutes->value, 'within the two hours');
    }

    /** A recipe that says how it ends, a style that does, and else how long it keeps. */
    public function test_how_it_usually_ends_is_its_own_or_its_kinds_or_by_how_long_it_keeps(): void
    {
        $usual = static fn (array $lines, array $stage = [], array $recipe = [], ?string $style = null): string
            => Finish::of(
                Sauce::evaluate($lines, $stage, $recipe, $style === null ? null : Sauce::style($style)),
                new Making,
            )->usual->value;
        $simmered = ['process' => ['kind' => 'simmer', 'minutes' => 10]];

        self::assertSame('frozen', $usual(['tomato' => '1 kg'], $simmered, ['ends' => 'frozen'], 'gravy'));
        self::assertSame('hot', $usual(['tomato' => '1 kg'], $simmered, [], 'gravy'));
        self::assertSame('hot', $usual(['whole-milk' => '300 ml', 'butter' => '30 g'], $simmered));
        self::assertSame('cold', $usual(['yoghurt' => '200 g', 'mint' => '10 g']));
        self::assertSame(
            'jarred',
            $usual(['plum' => '500 g', 'distilled-vinegar' => '400 g', 'white-sugar' => '400 g'], $simmered),
        );
        self::assertNotSame(
            'hot',
            $usual(['tomato' => '1 kg'], $simmered + ['rest_better_minutes' => 2880]),
            'what is better for two days is not eaten at once',
        );
    }

    public function test_what_nobody_says_the_kind_of_ends_as_what_is_called_so_does(): void
    {
        foreach (
            [
                'Runner bean chutney' => 'jarred', 'ketchup v3 -- less sweet' => 'jarred', 'Romesco' => 'cold',
                'Honey mustard dressing' => 'cold', 'Sunday gravy' => 'hot', 'Hot sauce no. 4' => 'jarred',
                'Mint sauce' => 'cold', 'Cheese sauce for cauliflower' => 'hot', 'Green tomato chutneys' => 'jarred',
            ] as $name => $ends
        ) {
            $sauce = Sauce::evaluate(
                ['tomato' => '1 kg', 'white-sugar' => '100 g'],
                ['process' => ['kind' => 'simmer', 'minutes' => 10]],
                ['name' => $name],
            );
            self::assertSame($ends, Finish::of($sauce, new Making)->usual->value, $name);
        }
    }

    public function test_egg_that_was_only_warmed_is_held_otherwise_than_egg_that_was_cooked(): void
    {
        $held = static fn (string $process): string => Say::it(self::of([[
            'id' => 'a',
            'lines' => [
                ['id' => 'y', 'ingredient' => 'egg-yolk', 'amount' => '3'],
                ['id' => 'm', 'ingredient' => 'whole-milk', 'amount' => '300 ml'],
            ],
            'process' => ['kind' => $process, 'minutes' => 5],
        ]], new Making(ends: Ends::Hot))['serve']->say[1]);

        self::assertStringContainsString('is thrown away', $held('warm'));
        self::assertStringContainsString('goes into the fridge', $held('simmer'));
    }

    public function test_oil_is_whisked_in_as_slowly_as_it_goes_in(): void
    {
        $minutes = static fn (string $oil, ?string $process): float => array_sum(array_map(
            static fn (Step $step): float => $step->stage === null ? 0.0 : $step->minutes->value,
            self::of([['id' => 'a', 'lines' => [
                ['id' => 'y', 'ingredient' => 'egg-yolk', 'amount' => '2'],
                ['id' => 'o', 'ingredient' => 'sunflower-oil', 'amount' => $oil],
            ]] + ($process === null ? [] : ['process' => ['kind' => $process]])]),
        ));

        self::assertGreaterThan(8.0, $minutes('200 ml', null), 'by hand it is no minute');
        self::assertLessThan($minutes('200 ml', null), $minutes('200 ml', 'blend'));
        self::assertGreaterThan($minutes('200 ml', null), $minutes('500 ml', null));
        self::assertLessThan(3.0, $minutes('10 ml', null));
    }

    public function test_what_may_go_wrong_in_that_pan_is_said_before_it_does(): void
    {
        $said = static fn (string $grams, float $pan): string => implode(' ', array_map(Say::it(...), self::of([[
            'id' => 'a',
            'lines' => [['id' => 't', 'ingredient' => 'tomato', 'amount' => $grams]],
            'process' => ['kind' => 'simmer', 'minutes' => 20, 'pan_cm' => $pan],
        ]])['a.simmer']->say));

        self::assertStringContainsString('no deeper than', $said('400 g', 28.0));
        self::assertStringContainsString('may boil over', $said('2 kg', 16.0));
        self::assertStringNotContainsString('deeper', $said('1 kg', 20.0));
        self::assertStringNotContainsString('boil over', $said('1 kg', 20.0));
    }

    public function test_a_burst_chilli_is_warned_of_and_a_rest_that_betters_it_comes_last(): void
    {
        $steps = self::of([
            [
                'id' => 'a',
                'lines' => [
                    ['id' => 'h', 'ingredient' => 'habanero', 'amount' => '1', 'handling' => 'whole'],
                    ['id' => 'p', 'ingredient' => 'plum', 'amount' => '500 g'],
                ],
                'process' => ['kind' => 'simmer', 'minutes' => 20],
                'rest_better_minutes' => 2880,
                'hands_minutes' => 12,
            ],
        ]);

        self::assertStringContainsString('a burst one gives ten times its heat', Say::it($steps['a.add']->notes['h']));
        self::assertSame(2880.0, $steps['rest']->minutes->value);
        self::assertSame(12.0, $steps['a.add']->minutes->value);
    }

    public function test_an_empty_pot_has_no_steps(): void
    {
        self::assertSame([], Steps::of(Sauce::evaluate([])));
    }

    /**
     * @param list<array<string, mixed>> $stages
     * @return array<string, Step> by id
     */
    private static function of(array $stages, ?Making $making = null): array
    {
        $recipe = \Vinculum\Recipe\Formats\RecipeDocument::read([
            'format' => 'vinculum-recipe',
            'version' => 2,
            'name' => 'Test',
            'stages' => $stages,
        ]);
        $steps = [];
        $evaluation = Evaluation::of($recipe, Sauce::catalogue(), null);
        foreach (Steps::of($evaluation, Finish::of($evaluation, $making ?? new Making)) as $step) {
            $steps[$step->id] = $step;
        }

        return $steps;
    }

    /** Makers finish by the eye: the last time it boils it is said what colour it will be. */
    public function test_the_colour_it_should_have_is_said_where_it_boils_last(): void
    {
        $evaluation = Sauce::evaluate(
            [],
            [],
            [
                'stages' => [
                    [
                        'id' => 'a',
                        'lines' => [['ingredient' => 'passata', 'amount' => '500 g']],
                        'process' => ['kind' => 'simmer', 'minutes' => 20],
                    ],
                    [
                        'id' => 'b',
                        'lines' => [['ingredient' => 'sugar', 'amount' => '50 g']],
                        'process' => ['kind' => 'simmer', 'minutes' => 5],
                    ],
                    [
                        'id' => 'c',
                        'lines' => [['ingredient' => 'cider-vinegar', 'amount' => '20 g']],
                        'process' => ['kind' => 'blend'],
                    ],
                ],
            ],
        );
        $said = [];
        foreach (Steps::of($evaluation) as $step) {
            foreach ($step->lookFor as $sentence) {
                $said[$step->stage->stage->id ?? ''][] = Say::it($sentence);
            }
        }

        self::assertStringNotContainsString('Finished it is', implode(' ', $said['a'] ?? []));
        self::assertMatchesRegularExpression(
            '/Finished it is (brick )?red, cloudy; paler while it holds air\./',
            implode(' ', $said['b'] ?? []),
        );
    }
}
