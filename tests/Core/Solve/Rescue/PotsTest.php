<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Rescue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Tests\Support\Seed;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Ingredient;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Aims;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\Rebalance\Rebalance;
use Vinculum\Solve\Rescue\PotState;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Solve\Rescue\Rescue;
use Vinculum\Taste\Measure;

/** What holds of every proposal, for pots and recipes made up at random. */
final class PotsTest extends TestCase
{
    private const THINGS = [
        'passata' => [200, 800],
        'gooseberry' => [100, 600],
        'sugar' => [10, 180],
        'honey' => [5, 60],
        'cider-vinegar' => [10, 150],
        'lime-juice' => [5, 40],
        'fine-salt' => [2, 18],
        'soy-sauce' => [5, 60],
        'onion' => [30, 150],
        'olive-oil' => [5, 60],
    ];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "pot {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_every_remedy_is_what_it_says_when_it_is_stirred_in(int $seed): void
    {
        $from = self::pot($seed);
        $feels = self::said($seed);
        $was = LinearPot::of($from->cooked);
        $remedies = Rescue::of($from, Sauce::catalogue(), $feels, self::onHand())->remedies;
        self::assertNotEmpty($remedies);
        foreach ($remedies as $remedy) {
            $is = LinearPot::of(Evaluation::of($remedy->recipe, Sauce::catalogue(), null)->cooked);
            self::assertEqualsWithDelta($remedy->potAfter, $is->mass, 0.002 * $is->mass + 0.5);
            foreach (Feel::cases() as $feel) {
                $wanted = isset($feels[$feel->value])
                    ? $feel->moved($feel->value($was), -$feels[$feel->value])
                    : $feel->value($was);
                self::assertEqualsWithDelta(
                    $remedy->steps[$feel->value],
                    $feel->steps($wanted, $feel->value($is)),
                    0.1,
                    $feel->value,
                );
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_a_remedy_is_made_of_what_is_there_and_mends_more_than_it_leaves(int $seed): void
    {
        $from = self::pot($seed);
        $feels = self::said($seed);
        $there = [...Seed::CUPBOARD, 'water', ...array_keys(self::THINGS)];
        foreach (Rescue::of($from, Sauce::catalogue(), $feels, self::onHand())->remedies as $remedy) {
            self::assertSame([], array_diff(self::slugs($remedy), $there));
            // a batch more takes all the rest
            $isMore = str_contains(Say::it($remedy->note), 'Cook this much more');
            self::assertLessThanOrEqual($isMore ? 9 : 3, count($remedy->additions));
            self::assertGreaterThanOrEqual(0.0, $remedy->boilOff);
            self::assertGreaterThan(0, count($remedy->additions) + (int) ($remedy->boilOff > 0.0));
            foreach ($remedy->additions as $addition) {
                self::assertGreaterThan(0.0, $addition->grams, 'nothing is ever taken out of a pot');
            }
            $wrong = array_sum(array_map(abs(...), $feels));
            $left = array_sum(
                array_map(static fn (string $feel): float => abs($remedy->steps[$feel]), array_keys($feels)),
            );
            self::assertLessThan($wrong, $left);
            if (! $isMore) {
                self::assertEqualsWithDelta(
                    $remedy->potBefore
                        + array_sum(
                            array_map(static fn (Addition $addition): float => $addition->grams, $remedy->additions),
                        )
                        - $remedy->boilOff,
                    $remedy->potAfter,
                    0.02 * $remedy->potAfter,
                    'what goes in is in it',
                );
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_the_same_pot_is_mended_the_same_way_twice_and_half_a_pot_by_half(int $seed): void
    {
        $from = self::pot($seed);
        $feels = self::said($seed);
        $mend = static fn (?float $grams): array => Rescue::of(
            $from,
            Sauce::catalogue(),
            $feels,
            self::onHand(),
            new PotState($grams),
        )->remedies;
        $whole = $mend(null);

        self::assertSame(array_map(self::slugs(...), $whole), array_map(self::slugs(...), $mend(null)));
        $mass = $from->cooked->mixture->mass();
        foreach ($mend($mass / 2) as $remedy) {
            self::assertEqualsWithDelta($mass / 2, $remedy->potBefore, 1e-6);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>}> stage and recipe */
    public static function kinds(): iterable
    {
        yield 'in parts' => [['process' => ['kind' => 'simmer', 'minutes' => 5]], ['size' => ['mass_g' => 600]]];
        yield 'steeped and never strained' => [['process' => ['kind' => 'simmer', 'minutes' => 15, 'lid' => true]], []];
        yield 'steeped, strained and pressed' => [
            ['process' => ['kind' => 'simmer', 'minutes' => 15, 'lid' => true], 'strain' => ['press' => 0.5]],
            [],
        ];
    }

    /**
     * @param array<string, mixed> $stage
     * @param array<string, mixed> $recipe
     */
    #[DataProvider('kinds')]
    public function test_a_remedy_holds_in_its_own_recipe_within_a_tenth_of_a_step(array $stage, array $recipe): void
    {
        $amounts = $recipe === [] ? ['400 g', '300 g', '40 g', '80 g'] : ['8 parts', '6 parts', '1 part', '2 parts'];
        $lines = [];
        foreach (['passata', 'white-vinegar', 'soy-sauce', 'ginger'] as $i => $slug) {
            $lines[] = [
                'id' => $slug,
                'ingredient' => $slug,
                'amount' => $amounts[$i],
                'handling' => $slug === 'ginger' && $recipe === [] ? 'steeped' : 'in',
            ];
        }
        $from = Sauce::evaluate($lines, $stage, $recipe);
        foreach ([['salty' => 1.0], ['sour' => 1.0], ['sweet' => -2.0], ['salty' => -1.0]] as $feels) {
            $remedies = Rescue::of($from, Sauce::catalogue(), $feels, self::onHand())->remedies;
            self::assertNotEmpty($remedies);
            foreach ($remedies as $remedy) {
                $is = LinearPot::of(Evaluation::of($remedy->recipe, Sauce::catalogue(), null)->cooked);
                self::assertEqualsWithDelta(1.0, $is->mass / $remedy->potAfter, 0.005);
                foreach (Feel::cases() as $feel) {
                    $was = $feel->value(LinearPot::of($from->cooked));
                    $wanted = isset($feels[$feel->value]) ? $feel->moved($was, -$feels[$feel->value]) : $was;
                    self::assertEqualsWithDelta(
                        $remedy->steps[$feel->value],
                        $feel->steps($wanted, $feel->value($is)),
                        0.1,
                        json_encode($feels)." {$feel->value}",
                    );
                }
            }
        }
    }

    public function test_the_mass_in_the_pot_is_the_mass_now_and_not_what_will_be_finished(): void
    {
        $from = Sauce::evaluate(
            ['passata' => '900 g', 'sugar' => '90 g', 'fine-salt' => '16 g', 'cider-vinegar' => '100 g'],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 40]]],
        );
        $first = static fn (?float $grams): Remedy => Rescue::of(
            $from,
            Sauce::catalogue(),
            ['salty' => 1.0],
            [Sauce::ingredient('sugar')],
            new PotState($grams, beforeStage: 'stage'),
        )->remedies[0];

        self::assertSame(
            $first(null)->additions[0]->text,
            $first(1106.0)->additions[0]->text,
            'as much as the recipe says there would be by then',
        );
        self::assertEqualsWithDelta(1106.0, $first(null)->potBefore, 1e-6);
        self::assertEqualsWithDelta(
            0.5,
            $first(553.0)->additions[0]->grams / $first(1106.0)->additions[0]->grams,
            0.15,
            'as near as cups measure',
        );
    }

    public function test_what_was_boiled_away_too_far_goes_back_first_and_no_more_of_it(): void
    {
        $from = Sauce::evaluate(
            ['passata' => '900 g', 'sugar' => '90 g', 'fine-salt' => '16 g', 'cider-vinegar' => '100 g'],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 40]]],
        );
        foreach ([['salty' => 2.0], ['thick' => 1.0], ['sour' => 1.0]] as $feels) {
            $remedies = Rescue::of(
                $from,
                Sauce::catalogue(),
                $feels,
                [Sauce::ingredient('sugar'), Sauce::ingredient('passata')],
                new PotState(boiledFurther: 100.0),
            )->remedies;
            // beside them a second batch, which is cooked as the recipe says
            $remedies = array_filter(
                $remedies,
                static fn (Remedy $remedy): bool => count($remedy->additions) < 4
                    && ! str_contains(Say::it($remedy->note), 'as the recipe says'),
            );
            self::assertNotEmpty($remedies);
            foreach ($remedies as $remedy) {
                self::assertEqualsWithDelta($from->cooked->mixture->mass() - 100, $remedy->potBefore, 1e-6);
                self::assertContains('water', self::slugs($remedy), json_encode($feels));
                self::assertLessThan(
                    103.0,
                    array_sum(
                        array_map(
                            static fn (Addition $addition): float => $addition->ingredient->slug === 'water'
                                ? $addition->grams
                                : 0.0,
                            $remedy->additions,
                        ),
                    ),
                );
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_a_recipe_moved_comes_to_what_it_says_and_nothing_locked_has_moved(int $seed): void
    {
        $from = self::pot($seed, locked: true);
        mt_srand(100 + $seed);
        $measure = [Measure::Sweetness, Measure::Sourness, Measure::Saltiness][mt_rand(0, 2)];
        $figure = ($from->tasting->value($measure) * mt_rand(60, 160)) / 100;
        $answer = Rebalance::of($from, Sauce::catalogue(), Aims::ofFigures($from, [$measure->value => $figure]));
        $again = Evaluation::of($answer->recipe, Sauce::catalogue(), null);

        foreach (Measure::cases() as $each) {
            self::assertSame($answer->after->tasting->value($each), $again->tasting->value($each));
        }
        if ($answer->isReached) {
            self::assertLessThan(0.36, abs($measure->steps($figure, $again->tasting->value($measure))));
        } else {
            self::assertNotSame('', $answer->why);
        }
        foreach ($again->cooked->weighed->lines as $i => $line) {
            if ($line->line->lock) {
                self::assertSame($from->cooked->weighed->lines[$i]->grams, $line->grams, $line->line->id);
            }
            self::assertGreaterThan(0.0, $line->grams);
        }
        foreach ($answer->changes as $change) {
            self::assertNotSame($change->beforeG, $change->afterG);
            self::assertNotSame('', $change->why);
        }
    }

    public function test_moving_further_never_takes_less_change(): void
    {
        $from = self::pot(3);
        $sweet = $from->tasting->value(Measure::Sweetness);
        $size = static fn (float $factor): float => Rebalance::of(
            $from,
            Sauce::catalogue(),
            Aims::ofFigures($from, ['sweetness' => $factor * $sweet]),
        )->size();

        self::assertLessThan(0.02, $size(1.0));
        self::assertLessThan($size(1.6), $size(1.25));
        self::assertLessThan($size(2.2), $size(1.6));
    }

    private static function pot(int $seed, bool $locked = false): Evaluation
    {
        mt_srand($seed);
        $lines = [];
        foreach (self::THINGS as $slug => [$least, $most]) {
            $lines[] = [
                'id' => $slug,
                'ingredient' => $slug,
                'amount' => mt_rand($least, $most).' g',
                'lock' => $locked && mt_rand(0, 3) === 0,
            ];
        }

        return Sauce::evaluate($lines, [
            'process' => ['kind' => 'simmer', 'until' => ['loss_percent' => mt_rand(5, 35)]],
        ]);
    }

    /** @return non-empty-array<string, float> */
    private static function said(int $seed): array
    {
        mt_srand(50 + $seed);
        $said = [
            ['salty' => 1.0],
            ['sour' => -2.0],
            ['sweet' => 1.0],
            ['sour' => 1.0, 'sweet' => -1.0],
            ['salty' => 2.0, 'sour' => 1.0],
            ['sweet' => -2.0],
            ['salty' => -1.0],
            ['sour' => 2.0],
        ];

        return $said[mt_rand(0, count($said) - 1)];
    }

    /** @return list<Ingredient> */
    private static function onHand(): array
    {
        return array_map(Sauce::ingredient(...), Seed::CUPBOARD);
    }

    /** @return list<string> */
    private static function slugs(Remedy $remedy): array
    {
        return array_map(static fn (Addition $addition): string => $addition->ingredient->slug, $remedy->additions);
    }
}
