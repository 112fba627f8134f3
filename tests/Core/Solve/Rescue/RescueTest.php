<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Rescue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Tests\Support\Seed;
use Vinculum\Cooking\Kitchen;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\WeighedRecipe;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LeastSquares;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\Rescue\BatchExtension;
use Vinculum\Solve\Rescue\PotState;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Solve\Rescue\Rescue;
use Vinculum\Taste\Measure;

/** A pot that does not taste right, and what is added to it. */
final class RescueTest extends TestCase
{
    /**
     * The design's own example: 1000 g at 2 % salt and 10 % sugar, a step too salty with no threshold, water and
     * sugar on hand.
     */
    public function test_a_step_too_salty_takes_135_g_of_water_and_15_g_of_sugar(): void
    {
        $pot = LinearPot::of(
            Kitchen::cook(
                WeighedRecipe::of(
                    Sauce::of(['water' => '880 g', 'sugar' => '100 g', 'fine-salt' => '20 g']),
                    Sauce::catalogue(),
                ),
            ),
        );
        $wanted = [Feel::Salty->value => 2.0 / 1.15, Feel::Sweet->value => 10.0];
        $a = [];
        $b = [];
        foreach ($wanted as $name => $figure) {
            $feel = Feel::from($name);
            $a[] = array_map(
                static fn (string $slug): float => $pot->brings(
                    $feel,
                    LinearPot::stirredIn(Sauce::ingredient($slug)),
                    0.0,
                ) - $figure,
                ['water', 'sugar'],
            );
            $b[] = ($figure - $feel->value($pot)) * $pot->mass;
        }
        $x = LeastSquares::solve($a, $b, [0.0, 0.0], [INF, INF])->x;

        // salt is not all sodium chloride and sugar not all sucrose: to a few tenths of a gram
        self::assertEqualsWithDelta([135.0, 15.0], $x, 0.4);
        self::assertEqualsWithDelta(1150.0, $pot->mass + array_sum($x), 0.4);
    }

    public function test_adding_what_is_proposed_and_evaluating_gives_the_same_figures(): void
    {
        foreach (
            [
                ['salty' => 1.0],
                ['sour' => -1.0],
                ['sweet' => 2.0],
                ['umami' => -2.0, 'sour' => 1.0],
                ['thick' => -2.0],
                ['hot' => -1.0],
            ] as $feels
        ) {
            $from = self::ketchup();
            foreach (Rescue::of($from, Sauce::catalogue(), $feels, self::onHand())->remedies as $remedy) {
                $written = LinearPot::of(Evaluation::of($remedy->recipe, Sauce::catalogue(), null)->cooked);
                self::assertEqualsWithDelta($remedy->potAfter, $written->mass, 0.5);
                foreach (Feel::cases() as $feel) {
                    $was = $feel->value(LinearPot::of($from->cooked));
                    $wanted = isset($feels[$feel->value]) ? $feel->moved($was, -$feels[$feel->value]) : $was;
                    // a share of loss is written to a hundredth of a per cent
                    self::assertEqualsWithDelta(
                        $remedy->steps[$feel->value],
                        $feel->steps($wanted, $feel->value($written)),
                        0.06,
                        json_encode($feels)." {$feel->value}",
                    );
                }
            }
        }
    }

    public function test_the_first_remedy_lands_where_it_says(): void
    {
        foreach (['salty' => 1.0, 'sour' => 1.0, 'sweet' => 1.0, 'umami' => -1.0, 'hot' => -1.0] as $feel => $steps) {
            $remedy = Rescue::of(self::ketchup(), Sauce::catalogue(), [$feel => $steps], self::onHand())->remedies[0];

            // as it is tasted: acid cuts what is sweet
            $cut = $feel === 'sweet' ? 0.5 * max(0.0, $remedy->steps['sour']) : 0.0;
            self::assertLessThan(0.36, abs($remedy->steps[$feel] - $cut), $feel);
            self::assertNotEmpty($remedy->additions);
        }
    }

    public function test_the_mends_cooks_know_come_out(): void
    {
        self::assertContains('water', self::slugs(['salty' => 2.0]));
        self::assertContains('cider-vinegar', self::slugs(['sour' => -1.0]));
        self::assertNotContains('lime-juice', self::slugs(['sour' => -1.0]), 'its own vinegar');
        self::assertContains('sugar', self::slugs(['sour' => 1.0]));
        self::assertNotContains('double-cream', self::slugs(['hot' => 1.0]), 'no milk was in it');
        self::assertNotContains('soy-sauce', self::slugs(['salty' => 2.0]), 'it is salt itself');
        self::assertNotContains('maize-starch', self::slugs(['salty' => 2.0]), 'it is not thin');
        self::assertContains('maize-starch', self::slugs(['thick' => -2.0]));
        self::assertNotContains('olive-oil', self::slugs(['salty' => 2.0]), 'fat dilutes no salt');
    }

    public function test_fewest_things_come_first_where_they_do_as_well(): void
    {
        $remedies = Rescue::of(self::ketchup(), Sauce::catalogue(), ['umami' => -1.0], self::onHand())->remedies;

        self::assertCount(1, $remedies[0]->additions);
    }

    public function test_a_pinned_ratio_is_held(): void
    {
        $lines = ['passata' => '800 g', 'sugar' => '100 g', 'white-vinegar' => '150 g', 'fine-salt' => '25 g'];
        $ratio = static fn (Evaluation $at): float => $at->tasting->value(Measure::Sweetness)
            / $at->tasting->value(Measure::Sourness);
        $pinned = $ratio(Sauce::evaluate($lines));
        $from = Sauce::evaluate($lines, [], ['pins' => [['ratio' => 'sugar_acid', 'value' => $pinned]]]);
        $on = [Sauce::ingredient('sugar'), Sauce::ingredient('white-vinegar')];

        self::assertEqualsWithDelta(
            $pinned,
            $ratio(Rescue::of($from, Sauce::catalogue(), ['sweet' => -1.0], $on)->remedies[0]->after),
            0.07 * $pinned,
        );
        self::assertGreaterThan(
            1.1 * $pinned,
            $ratio(Rescue::of(Sauce::evaluate($lines), Sauce::catalogue(), ['sweet' => -1.0], $on)->remedies[0]->after),
        );
    }

    public function test_half_a_pot_takes_half(): void
    {
        $salt = [Sauce::ingredient('fine-salt')];
        $whole = Rescue::of(self::ketchup(), Sauce::catalogue(), ['salty' => -2.0], $salt)->remedies[0];
        $half = Rescue::of(
            self::ketchup(),
            Sauce::catalogue(),
            ['salty' => -2.0],
            $salt,
            new PotState($whole->potBefore / 2),
        )->remedies[0];

        self::assertEqualsWithDelta(0.5, $half->additions[0]->grams / $whole->additions[0]->grams, 0.13);
        self::assertEqualsWithDelta(
            $whole->after->tasting->value(Measure::Saltiness),
            $half->after->tasting->value(Measure::Saltiness),
            0.1 * $whole->after->tasting->value(Measure::Saltiness),
        );
    }

    public function test_tasted_before_it_has_boiled_down_it_is_mended_for_what_it_will_be(): void
    {
        $from = self::ketchup();
        $first = static fn (PotState $pot): Remedy => Rescue::of(
            $from,
            Sauce::catalogue(),
            ['salty' => 1.0],
            self::onHand(),
            $pot,
        )->remedies[0];

        self::assertGreaterThan(
            1.5 * $first(new PotState)->growth(),
            $first(new PotState(beforeStage: 'stage'))->growth(),
        );
    }

    public function test_thin_while_hot_needs_less_than_thin_when_cold(): void
    {
        $starch = static fn (bool $hot): float => Rescue::of(
            self::ketchup(),
            Sauce::catalogue(),
            ['thick' => -2.0],
            [Sauce::ingredient('maize-starch')],
            new PotState(isHot: $hot),
        )->remedies[0]->additions[0]->grams;

        self::assertLessThan(0.7 * $starch(false), $starch(true));
    }

    public function test_not_sweet_enough_while_hot_needs_more_than_when_cold(): void
    {
        $sugar = static fn (bool $hot): float => Rescue::of(
            self::ketchup(),
            Sauce::catalogue(),
            ['sweet' => -1.0],
            [Sauce::ingredient('sugar')],
            new PotState(isHot: $hot),
        )->remedies[0]->additions[0]->grams;

        self::assertGreaterThan(1.2 * $sugar(false), $sugar(true), 'cold it will be less sweet still');
    }

    public function test_strong_things_are_offered_by_halves_and_mild_ones_are_not(): void
    {
        $remedy = Rescue::of(self::ketchup(), Sauce::catalogue(), ['salty' => -2.0], [Sauce::ingredient('fine-salt')])
            ->remedies[0];
        self::assertNotNull($remedy->half);
        $half = Evaluation::of($remedy->half, Sauce::catalogue(), null)->tasting->value(Measure::Saltiness);
        self::assertGreaterThan(self::ketchup()->tasting->value(Measure::Saltiness), $half);
        self::assertLessThan($remedy->after->tasting->value(Measure::Saltiness), $half);

        foreach (Rescue::of(self::ketchup(), Sauce::catalogue(), ['salty' => 1.0], [])->remedies as $water) {
            self::assertNull($water->half);
        }
    }

    public function test_watering_down_what_is_too_sour_says_that_the_ph_goes_up(): void
    {
        $from = Sauce::evaluate([
            'passata' => '500 g',
            'coconut-milk' => '200 g',
            'white-vinegar' => '40 g',
            'fine-salt' => '10 g',
        ]);
        $remedies = Rescue::of(
            $from,
            Sauce::catalogue(),
            ['sour' => 2.0],
            [Sauce::ingredient('coconut-milk'), Sauce::ingredient('sugar')],
        )->remedies;

        self::assertStringContainsString(
            'Raises the pH',
            implode(
                ' ',
                array_map(
                    Say::it(...),
                    array_merge(...array_map(static fn (Remedy $remedy): array => $remedy->cautions, $remedies)),
                ),
            ),
        );
    }

    public function test_what_additions_cannot_mend_is_said(): void
    {
        $rescued = Rescue::of(self::ketchup(), Sauce::catalogue(), ['salty' => 5.0], []);
        self::assertStringContainsString(
            'fine salt',
            implode(' ', array_map(static fn (Remedy $remedy): string => Say::it($remedy->note), $rescued->remedies)),
            'everything but the salt, so many times',
        );

        self::assertStringContainsString(
            'Nothing on hand',
            Say::it(Rescue::of(self::ketchup(), Sauce::catalogue(), ['hot' => -2.0], [])->note),
        );
    }

    public function test_too_much_of_one_line_takes_everything_else_in_proportion(): void
    {
        $from = Sauce::evaluate([
            'passata' => '500 g',
            'curry-powder' => '20 g',
            'fine-salt' => '5 g',
            'sugar' => '40 g',
        ]);
        $remedy = BatchExtension::of($from, Sauce::catalogue(), ['curry-powder'], 2.0);
        self::assertNotNull($remedy);

        $share = static fn (Evaluation $at): float => $at->cooked->weighed->lines[1]->grams
            / array_sum(array_map(static fn ($line): float => $line->grams, $at->cooked->weighed->lines));
        $others = array_column(
            array_map(
                static fn ($addition): array => [$addition->ingredient->slug, $addition->grams],
                $remedy->additions,
            ),
            1,
            0,
        );
        self::assertSame(['passata', 'fine-salt', 'sugar'], array_keys($others));
        self::assertEqualsWithDelta(500 * (1.25 ** 2 - 1), $others['passata'], 1e-9);
        self::assertEqualsWithDelta(565 / (545 * 1.25 ** 2 + 20), $share($remedy->after) / $share($from), 0.01);
        self::assertNull(BatchExtension::of($from, Sauce::catalogue(), ['nothing'], 2.0));
    }

    /**
     * @param array<string, float> $feels
     * @return list<string>
     */
    private static function slugs(array $feels): array
    {
        $slugs = [];
        foreach (Rescue::of(self::ketchup(), Sauce::catalogue(), $feels, self::onHand())->remedies as $remedy) {
            foreach ($remedy->additions as $addition) {
                $slugs[] = $addition->ingredient->slug;
            }
        }

        return $slugs;
    }

    /** @return list<Ingredient> */
    private static function onHand(): array
    {
        return array_map(Sauce::ingredient(...), [...Seed::CUPBOARD, 'olive-oil']);
    }

    private static function ketchup(): Evaluation
    {
        return Sauce::evaluate(
            [
                'gooseberry' => '800 g',
                'sugar' => '150 g',
                'cider-vinegar' => '60 g',
                'fine-salt' => '16 g',
                'onion' => '100 g',
                'cayenne' => '1 g',
            ],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 25]]],
        );
    }

    /**
     * Too salty, and all that is to hand is sour: more of everything but the salt, before a vinaigrette that is all
     * vinegar.
     */
    public function test_more_of_all_the_rest_goes_before_what_throws_another_taste_far_out(): void
    {
        $own = [
            'parsley' => '60 g',
            'olive-oil' => '150 ml',
            'wine-vinegar' => '45 ml',
            'garlic' => '12 g',
            'fine-salt' => '5 g',
        ];
        $remedies = Rescue::of(
            Sauce::evaluate($own),
            Sauce::catalogue(),
            ['salty' => 1.5],
            [Sauce::ingredient('wine-vinegar')],
        )->remedies;

        self::assertSame(
            ['parsley', 'olive-oil', 'wine-vinegar', 'garlic'],
            array_map(static fn ($addition): string => $addition->ingredient->slug, $remedies[0]->additions),
        );
        self::assertLessThan(0.5, abs($remedies[0]->steps['sour']));
        self::assertLessThan(0.6, $remedies[0]->growth());
        // where water alone does it without harm, that is first
        $tomato = ['passata' => '600 g', 'fine-salt' => '12 g', 'sugar' => '15 g'];
        $plain = Rescue::of(
            Sauce::evaluate($tomato, ['process' => ['kind' => 'simmer', 'minutes' => 10]]),
            Sauce::catalogue(),
            ['salty' => 1.0],
            [Sauce::ingredient('passata'), Sauce::ingredient('sugar')],
        )->remedies;
        self::assertLessThanOrEqual(2, count($plain[0]->additions));
    }

    /**
     * A stock with its own salt thins what is too salty no more than half as well as water, and that is not what one
     * reaches for.
     */
    public function test_what_has_a_third_of_what_is_too_much_thins_nothing(): void
    {
        $own = [
            'red-wine' => '200 ml',
            'chicken-stock' => '300 ml',
            'butter' => '40 g',
            'shallot' => '60 g',
            'fine-salt' => '4 g',
        ];
        $from = Sauce::evaluate($own, ['process' => ['kind' => 'simmer', 'minutes' => 12]]);
        $rescued = Rescue::of(
            $from,
            Sauce::catalogue(),
            ['salty' => 1.0],
            array_map(Sauce::ingredient(...), [...array_keys($own), 'sugar']),
        );
        foreach ($rescued->remedies as $remedy) {
            foreach ($remedy->additions as $addition) {
                self::assertNotSame('chicken-stock', $addition->ingredient->slug);
            }
        }
        self::assertNotSame([], $rescued->remedies);
    }

    /**
     * The bite of pepper, mustard and ginger is in no figure: more of all the rest, and not "hardly anything hot in
     * it".
     */
    public function test_too_much_pepper_is_more_of_all_the_rest(): void
    {
        $own = ['beef-stock' => '300 ml', 'double-cream' => '150 ml', 'black-pepper' => '12 g', 'butter' => '20 g'];
        $from = Sauce::evaluate($own, ['process' => ['kind' => 'simmer', 'minutes' => 12]]);
        $rescued = Rescue::of($from, Sauce::catalogue(), ['hot' => 2.0], []);

        self::assertSame(
            ['beef-stock', 'double-cream', 'butter'],
            array_map(static fn ($addition): string => $addition->ingredient->slug, $rescued->remedies[0]->additions),
        );
        self::assertStringContainsString('everything but the black pepper', Say::it($rescued->remedies[0]->note));
        self::assertStringNotContainsString('hardly anything', Say::it($rescued->note));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function tooMuch(): iterable
    {
        yield 'nothing hot in it' => ['hot', true];
        yield 'hardly anything sweet in it' => ['sweet', true];
        yield 'salt enough' => ['salty', false];
    }

    #[DataProvider('tooMuch')]
    public function test_too_much_of_what_is_not_in_it_is_doubted(string $feel, bool $isDoubted): void
    {
        $from = Sauce::evaluate(['olive-oil' => '180 ml', 'wine-vinegar' => '60 ml', 'fine-salt' => '3 g']);
        $rescued = Rescue::of(
            $from,
            Sauce::catalogue(),
            [$feel => 2.0],
            [Sauce::ingredient('olive-oil'), Sauce::ingredient('fine-salt')],
        );

        self::assertSame(
            $isDoubted,
            str_contains(Say::it($rescued->note), "By the recipe there is hardly anything {$feel} in it."),
        );
    }
}
