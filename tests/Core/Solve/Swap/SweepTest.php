<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Swap;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Aims;
use Vinculum\Solve\Rebalance\Rebalance;
use Vinculum\Solve\Rescue\BatchExtension;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\Swap;
use Vinculum\Taste\Measure;

/** The whole pantry swapped, and one recipe moved towards every style that ships. */
final class SweepTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function lines(): iterable
    {
        foreach (
            [
                'honey' => '60 g',
                'molasses' => '40 g',
                'palm-sugar' => '50 g',
                'malt-vinegar' => '80 g',
                'lemon-juice' => '40 g',
                'tamarind-paste' => '40 g',
                'fine-salt' => '10 g',
                'fish-sauce' => '30 g',
                'soy-sauce' => '40 g',
                'white-miso' => '40 g',
                'tomato-puree' => '60 g',
                'plum' => '300 g',
                'apple' => '200 g',
                'onion' => '150 g',
                'garlic' => '15 g',
                'ginger' => '15 g',
                'habanero' => '8 g',
                'cayenne' => '2 g',
                'dijon-mustard' => '30 g',
                'allspice' => '3 g',
                'clove' => '1 g',
                'cumin-seed' => '4 g',
                'basil' => '15 g',
                'olive-oil' => '60 g',
                'butter' => '50 g',
                'double-cream' => '100 g',
                'mayonnaise' => '150 g',
                'tahini' => '60 g',
                'peanut-butter' => '60 g',
                'coconut-milk' => '200 g',
                'maize-starch' => '12 g',
                'wheat-flour' => '15 g',
            ] as $slug => $amount
        ) {
            yield $slug => [$slug, $amount];
        }
    }

    #[DataProvider('lines')]
    public function test_every_stand_in_for_it_is_weighed_out_and_what_it_brings_is_said(
        string $slug,
        string $amount,
    ): void {
        $from = Sauce::evaluate(
            ['passata' => '400 g', 'sugar' => '40 g', 'cider-vinegar' => '50 g', $slug => $amount],
            ['process' => ['kind' => 'simmer', 'minutes' => 10, 'lid' => true]],
        );
        $options = Swap::options($from, Sauce::catalogue(), $slug, new Criteria);
        self::assertNotEmpty($options);
        $had = self::contained($from);
        foreach ($options as $option) {
            $names = array_map(static fn (Addition $addition): string => $addition->ingredient->slug, $option->with);
            self::assertNotContains($slug, $names, 'a thing is no stand-in for itself');
            foreach ($option->with as $addition) {
                self::assertGreaterThan(0.0, $addition->grams);
                self::assertNotSame('', $addition->text);
            }
            $has = self::contained($option->after);
            self::assertSame(
                [],
                array_diff(array_diff($has, $had), $option->gained),
                implode(' and ', $names).': an allergen came in unsaid',
            );
            self::assertSame([], array_diff($option->lost, $had));
            self::assertSame([], array_intersect($option->lost, $has), 'what is said to be gone is gone');
            self::assertGreaterThanOrEqual(0.0, $option->distance);
            self::assertLessThan(3.0 * $from->cooked->mixture->mass(), $option->after->cooked->mixture->mass());
        }
    }

    public function test_what_a_cook_takes_comes_first_and_then_the_nearest(): void
    {
        foreach (['honey' => '60 g', 'malt-vinegar' => '80 g', 'garlic' => '15 g'] as $slug => $amount) {
            $from = Sauce::evaluate(['passata' => '400 g', $slug => $amount]);
            $options = Swap::options($from, Sauce::catalogue(), $slug, new Criteria);
            self::assertNotNull($options[0]->usual, $slug);
            $distances = array_map(
                static fn ($option): float => $option->distance,
                array_values(array_filter($options, static fn ($option): bool => $option->usual === null)),
            );
            $sorted = $distances;
            sort($sorted);
            self::assertSame($sorted, $distances, $slug);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function styles(): iterable
    {
        foreach (array_keys(Sauce::styles()) as $slug) {
            yield $slug => [$slug];
        }
    }

    #[DataProvider('styles')]
    public function test_a_recipe_with_all_the_tastes_in_it_is_moved_nearer_to_every_style(string $slug): void
    {
        $style = Sauce::style($slug);
        $from = Sauce::evaluate(
            [
                'passata' => '400 g',
                'water' => '150 g',
                'sugar' => '60 g',
                'cider-vinegar' => '60 g',
                'fine-salt' => '8 g',
                'soy-sauce' => '15 g',
                'cayenne' => '0.8 g',
                'olive-oil' => '30 g',
            ],
            [],
            [],
            $style,
        );
        $answer = Rebalance::of($from, Sauce::catalogue(), Aims::ofStyle($from, $style));
        $off = static fn (Evaluation $at): float => array_sum(
            array_map(
                static fn (Measure $measure): float => $answer->aims->steps($measure, $at->tasting->value($measure))
                    ** 2,
                Measure::cases(),
            ),
        );

        self::assertLessThanOrEqual($off($from) + 1e-9, $off($answer->after));
        self::assertTrue($answer->isReached || $answer->why !== '', 'it arrives, or says why not');
        if ($answer->isReached) {
            foreach (Measure::cases() as $measure) {
                self::assertLessThan(
                    0.36,
                    abs($answer->aims->steps($measure, $answer->after->tasting->value($measure))),
                    $measure->value,
                );
            }
        }
    }

    public function test_a_batch_is_extended_by_exactly_what_thins_one_line(): void
    {
        $from = Sauce::evaluate([
            'passata' => '500 g',
            'smoked-paprika' => '12 g',
            'fine-salt' => '6 g',
            'sugar' => '30 g',
        ]);
        foreach ([0.5, 1.0, 2.0, 4.0] as $steps) {
            $remedy
                = BatchExtension::of($from, Sauce::catalogue(), ['smoked-paprika'], $steps)
                ?? self::fail('There is such a line.');
            $factor = 1.25 ** $steps;
            foreach ($remedy->additions as $addition) {
                $once = array_values(
                    array_filter(
                        $from->cooked->weighed->lines,
                        static fn ($line): bool => $line->ingredient?->slug === $addition->ingredient->slug,
                    ),
                )[0]->grams;
                self::assertEqualsWithDelta($once * ($factor - 1), $addition->grams, 1e-9);
            }
            self::assertGreaterThan($remedy->potBefore, $remedy->potAfter);
            self::assertStringContainsString(
                sprintf('%d %% of what it was', (int) round(100 / $factor)),
                Say::it($remedy->note),
            );
        }
        self::assertNull(
            BatchExtension::of(
                Sauce::evaluate(['smoked-paprika' => '12 g']),
                Sauce::catalogue(),
                ['smoked-paprika'],
                1.0,
            ),
            'there is nothing else to add',
        );
    }

    /** @return list<string> */
    private static function contained(Evaluation $at): array
    {
        $all = [];
        foreach ($at->cooked->weighed->lines as $line) {
            $all = [...$all, ...$line->ingredient->contains ?? []];
        }

        return array_values(array_intersect(array_unique($all), Sauce::catalogue()->vocabulary->allergens()));
    }
}
