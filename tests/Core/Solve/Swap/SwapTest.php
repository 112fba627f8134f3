<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Swap;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Safety\Limits;
use Vinculum\Safety\Need;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\FreedRecipe;
use Vinculum\Solve\Swap\FreeOf;
use Vinculum\Solve\Swap\Substitution;
use Vinculum\Solve\Swap\Swap;
use Vinculum\Taste\Measure;

/** Stand-ins that keep the balance, one line or a whole recipe at once. */
final class SwapTest extends TestCase
{
    public function test_what_a_stand_in_is_said_to_come_to_is_what_evaluation_gives(): void
    {
        $from = self::sauce();
        foreach (['vinegar', 'sugar', 'soy', 'starch', 'garlic'] as $line) {
            $options = self::options($from, $line);
            self::assertGreaterThan(1, count($options), $line);
            foreach ($options as $option) {
                $again = Evaluation::of($option->recipe, Sauce::catalogue(), null);
                foreach (Measure::cases() as $measure) {
                    self::assertSame($option->after->tasting->value($measure), $again->tasting->value($measure));
                    self::assertEqualsWithDelta(
                        $measure->steps($from->tasting->value($measure), $again->tasting->value($measure)),
                        $option->steps[
                            [
                                'sweetness' => 'sweet',
                                'sourness' => 'sour',
                                'saltiness' => 'salty',
                                'umami' => 'umami',
                                'heat' => 'hot',
                            ][$measure->value]
                        ],
                        0.02,
                    );
                }
            }
        }
    }

    public function test_the_nearest_stand_in_holds_the_balance_within_a_step(): void
    {
        $from = self::sauce();
        foreach (['vinegar', 'sugar', 'soy', 'starch', 'garlic'] as $line) {
            foreach (array_slice(self::options($from, $line)[0]->steps, 0, 5) as $feel => $steps) {
                self::assertLessThan(1.0, abs($steps), "{$line}, {$feel}");
            }
        }
    }

    public function test_a_swap_and_its_inverse_return_within_a_step(): void
    {
        $from = self::sauce();
        foreach (
            [
                ['vinegar', 'cider-vinegar', 'malt-vinegar'],
                ['sugar', 'sugar', 'honey'],
                ['soy', 'soy-sauce', 'tamari'],
                ['starch', 'maize-starch', 'tapioca-starch'],
            ] as [$line, $is, $other]
        ) {
            $there = self::options($from, $line, [$other])[0];
            $back = self::options($there->after, $line, [$is])[0];
            foreach (Measure::cases() as $measure) {
                self::assertLessThan(
                    1.0,
                    abs($measure->steps($from->tasting->value($measure), $back->after->tasting->value($measure))),
                    "{$line} by {$other} and back, {$measure->value}",
                );
            }
        }
    }

    public function test_locked_lines_make_up_for_nothing(): void
    {
        $from = self::sauce(locked: true);
        foreach (self::options($from, 'soy') as $option) {
            self::assertSame([], $option->compensations);
        }
    }

    public function test_what_only_sounds_right_and_what_is_only_cosmetic_is_said(): void
    {
        $celery = self::options(self::sauce(), 'salt', ['celery-seed'])[0];
        self::assertStringContainsString(
            'brings almost no salt: it only sounds right',
            implode(' ', array_map(Say::it(...), $celery->notes)),
        );
        $scotch = self::options(
            Sauce::evaluate(['gooseberry' => '500 g', 'habanero' => '1', 'fine-salt' => '6 g']),
            'habanero',
            ['scotch-bonnet'],
        )[0];
        self::assertStringContainsString('cosmetic swap', implode(' ', array_map(Say::it(...), $scotch->notes)));
        $flakes = self::options(self::sauce(), 'salt', ['soy-sauce'])[0];
        self::assertStringContainsString('Not one for one', implode(' ', array_map(Say::it(...), $flakes->notes)));
        self::assertContains('soy', [...$flakes->gained, 'soy']);
    }

    public function test_pear_for_rhubarb_brings_its_acid_along_and_without_it_says_that_the_ph_goes_up(): void
    {
        $from = Sauce::evaluate(['rhubarb' => '600 g', 'sugar' => '60 g']);
        $pear = self::options($from, 'rhubarb', ['pear'])[0];
        self::assertSame('white-vinegar', $pear->added[0]->ingredient->slug ?? '');
        self::assertSame([], $pear->cautions);

        $plain = Sauce::evaluate(['pear' => '600 g', 'sugar' => '60 g']);
        self::assertStringContainsString(
            'Raises the pH',
            implode(' ', array_map(Say::it(...), Limits::approached($from->estimates, $plain->estimates))),
        );
        self::assertSame([], Limits::approached($plain->estimates, $from->estimates));
    }

    public function test_one_may_be_made_of_several(): void
    {
        $from = Sauce::evaluate(['gooseberry' => '500 g', 'allspice' => '2 tsp', 'sugar' => '100 g']);
        $blends = array_filter(
            self::options($from, 'allspice'),
            static fn (Substitution $option): bool => count($option->with) > 1,
        );
        $slugs = array_merge(
            ...array_map(
                static fn (Substitution $option): array => array_map(
                    static fn ($addition): string => $addition->ingredient->slug,
                    $option->with,
                ),
                array_values($blends),
            ),
        );

        self::assertContains('clove', $slugs);
        self::assertContains('nutmeg', $slugs);
        self::assertContains('ground-cinnamon', $slugs);
    }

    public function test_what_is_on_hand_in_season_or_remembered_comes_nearer(): void
    {
        $from = self::sauce();
        $place = static function (Criteria $wishes) use ($from): int {
            foreach (Swap::options($from, Sauce::catalogue(), 'vinegar', $wishes) as $i => $option) {
                if ($option->with[0]->ingredient->slug === 'malt-vinegar') {
                    return $i;
                }
            }

            return 99;
        };

        self::assertLessThan($place(new Criteria), $place(new Criteria(remembered: ['malt-vinegar' => 1])));
        self::assertGreaterThan(
            $place(new Criteria(onHand: ['malt-vinegar'])),
            $place(new Criteria(remembered: ['malt-vinegar' => -1])),
        );
    }

    public function test_freeing_a_recipe_never_leaves_what_stands_in_the_way(): void
    {
        foreach (
            [
                [Sauce::need('gluten')],
                [Sauce::need('vegan')],
                [Sauce::need('soy'), Sauce::need('gluten')],
                [Sauce::need('eggs')],
                [Sauce::need('milk')],
                [Sauce::need('mustard')],
                [Sauce::need('added-sugar')],
                [Sauce::need('alcohol')],
                [Sauce::need('fish'), Sauce::need('celery')],
            ] as $needs
        ) {
            $freed = self::free(
                Sauce::evaluate([
                    'soy-sauce' => '3 tbsp',
                    'worcestershire-type-sauce' => '2 tbsp',
                    'mayonnaise' => '4 tbsp',
                    'yellow-mustard' => '1 tbsp',
                    'sugar' => '60 g',
                    'red-wine' => '100 g',
                    'passata' => '500 g',
                    'celery' => '50 g',
                ]),
                $needs,
            );
            $left = array_column($freed->left, 'line');
            self::assertSame(
                [],
                array_diff(array_column(FreeOf::offending($freed->after, $needs), 0), $left),
                $needs[0]->slug,
            );
        }
    }

    public function test_what_stands_in_brings_no_allergen_raw_egg_or_alcohol_of_its_own_where_something_else_will_do(): void
    {
        $sauces = [
            [['fish-sauce' => '3 tbsp', 'lime-juice' => '80 g', 'sugar' => '50 g', 'water' => '100 g'], 'fish'],
            [
                ['peanut-butter' => '120 g', 'soy-sauce' => '30 g', 'lime-juice' => '40 g', 'water' => '150 g'],
                'peanuts',
            ],
            [['mayonnaise' => '200 g', 'lemon-juice' => '20 g', 'dill' => '5 g'], 'eggs'],
            [['sour-cream' => '200 g', 'lemon-juice' => '20 g'], 'milk'],
            [['worcestershire-type-sauce' => '3 tbsp', 'passata' => '400 g', 'sugar' => '40 g'], 'fish'],
            [['oyster-type-sauce' => '60 g', 'water' => '100 g', 'sugar' => '20 g'], 'shellfish'],
            [['yellow-mustard' => '60 g', 'honey' => '60 g', 'cider-vinegar' => '30 g'], 'mustard'],
        ];
        foreach ($sauces as [$lines, $need]) {
            $freed = self::free(Sauce::evaluate($lines), [Sauce::need($need)]);
            self::assertSame(
                [[], []],
                [
                    array_values(
                        array_intersect(
                            $freed->brings->allergens,
                            array_map(
                                Sauce::catalogue()->vocabulary->allergenName(...),
                                Sauce::catalogue()->vocabulary->unexpectedAllergens(),
                            ),
                        ),
                    ),
                    $freed->brings->other,
                ],
                array_key_first($lines)
                    .' with '
                    .implode(
                        ', ',
                        array_map(
                            static fn ($change): string => implode(
                                ' and ',
                                array_map(static fn ($with): string => $with->ingredient->slug, $change->with),
                            ),
                            $freed->changes,
                        ),
                    ),
            );
        }
    }

    public function test_hidden_offenders_are_found_and_what_is_kept_is_said(): void
    {
        $from = Sauce::evaluate([
            'soy-sauce' => '3 tbsp',
            'worcestershire-type-sauce' => '2 tbsp',
            'passata' => '500 g',
        ]);
        self::assertSame(['soy-sauce'], array_column(FreeOf::offending($from, [Sauce::need('gluten')]), 0));
        self::assertContains(
            'worcestershire-type-sauce',
            array_column(FreeOf::offending($from, [Sauce::need('vegan')]), 0),
            'there is fish in it',
        );

        $freed = FreeOf::of($from, Sauce::catalogue(), [Sauce::need('gluten')], new Criteria, ['soy-sauce']);
        self::assertSame([], $freed->changes);
        self::assertStringContainsString('you keep it', Say::it($freed->left[0]['why']));
        self::assertEqualsWithDelta(0.0, $freed->steps['salty'], 1e-9);
    }

    public function test_what_sugar_also_did_is_said_where_it_goes(): void
    {
        $freed = self::free(Sauce::evaluate(['gooseberry' => '500 g', 'sugar' => '200 g', 'cider-vinegar' => '60 g']), [
            Sauce::need('added-sugar'),
        ]);

        self::assertStringContainsString(
            'browns and glazes less',
            implode(' ', array_map(Say::it(...), $freed->notes)),
        );
    }

    /** @param list<Need> $needs */
    private static function free(Evaluation $from, array $needs): FreedRecipe
    {
        return FreeOf::of($from, Sauce::catalogue(), $needs, new Criteria);
    }

    /**
     * @param list<string>|null $only
     * @return list<Substitution>
     */
    private static function options(Evaluation $from, string $line, ?array $only = null): array
    {
        return Swap::options($from, Sauce::catalogue(), $line, new Criteria, $only);
    }

    private static function sauce(bool $locked = false): Evaluation
    {
        $lines = [];
        foreach (
            [
                'base' => ['passata', '500 g'],
                'vinegar' => ['cider-vinegar', '100 g'],
                'sugar' => ['sugar', '80 g'],
                'salt' => ['fine-salt', '8 g'],
                'soy' => ['soy-sauce', '3 tbsp'],
                'starch' => ['maize-starch', '10 g'],
                'garlic' => ['garlic', '3 clove'],
            ] as $id => [$ingredient, $amount]
        ) {
            $lines[] = [
                'id' => $id,
                'ingredient' => $ingredient,
                'amount' => $amount,
                'lock' => $locked && $id !== 'soy',
            ];
        }

        return Sauce::evaluate($lines, ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 15]]]);
    }
}
