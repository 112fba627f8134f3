<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Rescue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Pantry\Ingredient;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Rescue\NamelessPot;
use Vinculum\Taste\Measure;

/** A pot without a recipe: what it is, how much there is of it, what the spoon says. */
final class NamelessPotTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function styles(): iterable
    {
        foreach (array_keys(Sauce::styles()) as $slug) {
            yield $slug => [$slug];
        }
    }

    #[DataProvider('styles')]
    public function test_a_pot_of_a_kind_is_in_the_middle_of_its_kind_and_as_much_as_was_said(string $slug): void
    {
        $style = Sauce::style($slug);
        $pot = NamelessPot::pot($style, 900.0, Sauce::catalogue(), MeasuringSet::Us, true, 0.0);

        self::assertEqualsWithDelta(900.0, $pot->cooked->mixture->mass(), 30.0);
        foreach (Measure::cases() as $measure) {
            $band = $style->band($measure);
            if ($band !== null) {
                self::assertLessThan(
                    0.35,
                    abs($measure->steps($band->aim, $pot->tasting->value($measure))),
                    $measure->value,
                );
            }
        }
    }

    #[DataProvider('styles')]
    public function test_salt_sugar_and_vinegar_mend_what_is_short_of_them_in_every_kind(string $slug): void
    {
        $plain = array_map(Sauce::ingredient(...), ['water', 'fine-salt', 'sugar', 'white-vinegar']);
        $style = Sauce::style($slug);
        $aims = ['salty' => Measure::Saltiness, 'sweet' => Measure::Sweetness, 'sour' => Measure::Sourness];
        foreach (['salty' => 'fine-salt', 'sweet' => 'sugar', 'sour' => 'white-vinegar'] as $taste => $thing) {
            // nobody misses what such a sauce has hardly any of, nor adds vinegar to what is vinegar
            $aim = $style->band($aims[$taste])->aim ?? 0.0;
            $strength = $aims[$taste]->strengthOf(Sauce::ingredient($thing)) ?? INF;
            if ($aim < 4 * $aims[$taste]->threshold() || $aim > 0.6 * $strength) {
                continue;
            }
            $found = NamelessPot::mended(
                Sauce::style($slug),
                1000.0,
                [$taste => -1.0],
                $plain,
                Sauce::catalogue(),
                MeasuringSet::Us,
                true,
            );
            self::assertNotSame([], $found, "not {$taste} enough");
            self::assertContains(
                $thing,
                array_map(
                    static fn (Addition $addition): string => $addition->ingredient->slug,
                    $found[0]['remedy']->additions,
                ),
                "not {$taste} enough",
            );
        }
    }

    /**
     * @return iterable<string, array{string, array<string, float>, list<string>, list<string>, list<string>}> style,
     * said, on hand, what may go in first, what never
     */
    public static function pots(): iterable
    {
        $cupboard = [
            'sugar',
            'honey',
            'cider-vinegar',
            'lemon-juice',
            'fine-salt',
            'soy-sauce',
            'cayenne',
            'maize-starch',
            'hard-cheese',
        ];
        yield 'a salty barbecue sauce' => [
            'tomato-barbecue',
            ['salty' => 2.0],
            $cupboard,
            ['water', 'sugar', 'honey', 'cider-vinegar', 'lemon-juice'],
            ['fine-salt', 'soy-sauce', 'hard-cheese'],
        ];
        yield 'a flat one' => [
            'tomato-barbecue',
            ['sour' => -1.0],
            $cupboard,
            ['cider-vinegar', 'lemon-juice'],
            ['hard-cheese', 'maize-starch'],
        ];
        yield 'not sweet enough' => [
            'tomato-barbecue',
            ['sweet' => -2.0],
            $cupboard,
            ['sugar', 'honey', 'fine-salt'],
            ['hard-cheese'],
        ];
        yield 'too sweet wants acid and no water' => [
            'tomato-barbecue',
            ['sweet' => 2.0],
            $cupboard,
            ['cider-vinegar', 'lemon-juice', 'fine-salt'],
            ['sugar', 'honey', 'water', 'cayenne'],
        ];
        yield 'no cayenne only holds the heat' => [
            'vinegar-hot-sauce',
            ['salty' => 2.0],
            [...$cupboard, 'msg'],
            ['water', 'sugar', 'honey', 'cider-vinegar', 'lemon-juice'],
            ['cayenne', 'msg', 'fine-salt'],
        ];
        yield 'too sharp' => [
            'tomato-barbecue',
            ['sour' => 1.0],
            $cupboard,
            ['water', 'sugar', 'honey', 'fine-salt'],
            ['cider-vinegar', 'lemon-juice'],
        ];
    }

    /**
     * @param array<string, float> $feels
     * @param list<string> $have
     * @param list<string> $may
     * @param list<string> $never
     */
    #[DataProvider('pots')]
    public function test_it_is_mended_with_plain_things_and_the_answer_is_as_wide_as_what_is_known(
        string $slug,
        array $feels,
        array $have,
        array $may,
        array $never,
    ): void {
        $styles = array_keys(Sauce::styles());
        $style = Sauce::style(
            in_array($slug, $styles, true)
                ? $slug
                : array_values(
                    array_filter(
                        $styles,
                        static fn (string $each): bool => str_contains($each, 'barbecue')
                            || str_contains($each, 'ketchup'),
                    ),
                )[0],
        );
        $things = array_map(static fn (string $each): Ingredient => Sauce::ingredient($each), $have);
        $mended = NamelessPot::mended($style, 800.0, $feels, $things, Sauce::catalogue(), MeasuringSet::Us, true);

        self::assertNotSame([], $mended);
        $first = array_map(
            static fn (Addition $addition): string => $addition->ingredient->slug,
            $mended[0]['remedy']->additions,
        );
        self::assertSame([], array_diff($first, $may));
        foreach ($mended as $each) {
            foreach ($each['remedy']->additions as $i => $addition) {
                self::assertNotContains($addition->ingredient->slug, $never);
                self::assertLessThanOrEqual($addition->grams, $each['least'][$i]);
                self::assertGreaterThanOrEqual($addition->grams, $each['most'][$i]);
                self::assertGreaterThan(0.0, $each['least'][$i]);
            }
        }
    }

    /** @return iterable<string, array{string, array<string, float>, string}> */
    public static function madeOfOil(): iterable
    {
        yield 'a vinaigrette too salty' => ['vinaigrette', ['salty' => 2.0], 'olive-oil'];
        yield 'a vinaigrette too sharp' => ['vinaigrette', ['sour' => 1.0], 'olive-oil'];
        yield 'herbs in oil too sharp' => ['herb-oil-vinegar', ['sour' => 2.0], 'olive-oil'];
        yield 'a mayonnaise too salty' => ['mayonnaise-type', ['salty' => 2.0], 'sunflower-oil'];
        yield 'a white sauce too sharp' => ['white-table-sauce', ['sour' => 1.0], 'mayonnaise'];
        yield 'a white barbecue sauce too sweet' => ['white-barbecue-thick', ['sweet' => 2.0], 'mayonnaise'];
    }

    /** @param array<string, float> $feels */
    #[DataProvider('madeOfOil')]
    public function test_what_is_made_of_oil_takes_more_of_it_and_no_water(
        string $slug,
        array $feels,
        string $base,
    ): void {
        $have = array_map(Sauce::ingredient(...), [
            'water',
            'sugar',
            'cider-vinegar',
            'lemon-juice',
            'fine-salt',
            'milk',
            $base,
        ]);
        $mended = NamelessPot::mended(
            Sauce::style($slug),
            800.0,
            $feels,
            $have,
            Sauce::catalogue(),
            MeasuringSet::Us,
            false,
        );

        $stirredIn = array_map(
            static fn (array $each): array => array_map(
                static fn (Addition $addition): string => $addition->ingredient->slug,
                $each['remedy']->additions,
            ),
            $mended,
        );
        self::assertContains($base, $stirredIn[0] ?? []);
        self::assertNotContains('water', array_merge(...$stirredIn));
    }

    public function test_what_has_too_much_is_not_mended_into_a_worse_fault(): void
    {
        $have = array_map(Sauce::ingredient(...), ['water', 'sugar', 'cider-vinegar', 'fine-salt']);
        $looked = 0;
        foreach (array_keys(Sauce::styles()) as $at => $slug) {
            if ($at % 2 === 1) {
                continue;
            }
            foreach (['hot', 'salty'] as $feel) {
                foreach (
                    NamelessPot::mended(
                        Sauce::style($slug),
                        800.0,
                        [$feel => 1.0],
                        $have,
                        Sauce::catalogue(),
                        MeasuringSet::Us,
                        true,
                    ) as $each
                ) {
                    $looked++;
                    foreach (['sweet', 'sour', 'salty', 'umami', 'hot'] as $other) {
                        self::assertLessThanOrEqual(
                            1.5,
                            $other === $feel ? 0.0 : abs($each['remedy']->steps[$other]),
                            "{$slug}, {$feel}",
                        );
                    }
                }
            }
        }
        self::assertGreaterThan(20, $looked);
    }

    public function test_what_cannot_be_weighed_out_is_said_by_the_spoon(): void
    {
        self::assertStringContainsString('a spoonful at a time', Say::it(NamelessPot::nothing(['thick' => 2.0])));
        self::assertStringContainsString('lemon or vinegar', Say::it(NamelessPot::nothing(['rich' => 2.0])));
        self::assertStringContainsString(
            'without the chilli',
            Say::it(NamelessPot::nothing(['hot' => 2.0, 'sour' => -1.0])),
        );
        self::assertStringContainsString('Nothing on hand', Say::it(NamelessPot::nothing(['umami' => -2.0])));
    }

    public function test_half_the_pot_takes_about_half(): void
    {
        $style = Sauce::style(array_key_first(Sauce::styles()) ?? '');
        $salt = [Sauce::ingredient('fine-salt')];
        $grams = static fn (float $pot): float => NamelessPot::mended(
            $style,
            $pot,
            ['salty' => -2.0],
            $salt,
            Sauce::catalogue(),
            MeasuringSet::Us,
            false,
        )[0]['remedy']->additions[0]->grams;

        self::assertEqualsWithDelta(0.5, $grams(600.0) / $grams(1200.0), 0.15);
    }
}
