<?php

declare(strict_types=1);

namespace Tests\Core\Stove;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Evaluation\Evaluation;
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

    public function test_a_stirred_sauce_needs_no_cooling_and_a_hot_one_does(): void
    {
        $cold = self::of([
            [
                'id' => 'a',
                'lines' => [
                    ['id' => 'm', 'ingredient' => 'mayonnaise', 'amount' => '1 cup'],
                    ['id' => 'v', 'ingredient' => 'cider-vinegar', 'amount' => '2 tbsp'],
                ],
            ],
        ]);
        $hot = self::of([
            [
                'id' => 'a',
                'lines' => [['id' => 't', 'ingredient' => 'tomato', 'amount' => '1 kg']],
                'process' => ['kind' => 'simmer', 'minutes' => 20],
            ],
        ]);

        self::assertSame(['gather', 'a.add', 'taste', 'fill'], array_keys($cold));
        self::assertSame('cool', array_keys($hot)[count($hot) - 2]);
        self::assertStringContainsString('Cool it fast', Say::it($hot['cool']->say[0]));
        self::assertStringContainsString('heat-proof', Say::it($hot['fill']->say[0]));
        self::assertStringNotContainsString('heat-proof', Say::it($cold['fill']->say[0]));
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
    private static function of(array $stages): array
    {
        $recipe = \Vinculum\Recipe\Formats\RecipeDocument::read([
            'format' => 'vinculum-recipe',
            'version' => 2,
            'name' => 'Test',
            'stages' => $stages,
        ]);
        $steps = [];
        foreach (Steps::of(Evaluation::of($recipe, Sauce::catalogue(), null)) as $step) {
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
