<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Rescue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\Rescue\PotState;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Solve\Rescue\Rescue;
use Vinculum\Solve\Rescue\Rescued;

/** What a remedy may make of the pot: no lake, no butter in the cold, the sauce's own things first. */
final class GrowthTest extends TestCase
{
    private const SALSA = [
        'tomato' => '500 g',
        'red-onion' => '70 g',
        'birds-eye-chilli' => '6 g',
        'jalapeno' => '30 g',
        'lime-juice' => '20 ml',
        'fine-salt' => '6 g',
    ];

    private const DIP = [
        'yoghurt' => '300 g',
        'green-chilli' => '25 g',
        'lemon-juice' => '10 ml',
        'fine-salt' => '4 g',
    ];

    private const SIMMERED = ['process' => ['kind' => 'simmer', 'minutes' => 20]];

    /** @return iterable<string, array{array<string, string>, array<string, float>}> */
    public static function spoiled(): iterable
    {
        $tomato = ['chopped-tomatoes' => '800 g', 'onion' => '100 g', 'olive-oil' => '40 g', 'fine-salt' => '7 g'];
        foreach ([1.0, 2.0, 4.0, 8.0] as $steps) {
            yield "salt, {$steps}" => [$tomato, ['salty' => $steps]];
            yield "sour, {$steps}" => [$tomato, ['sour' => $steps]];
            yield "sweet, {$steps}" => [$tomato + ['sugar' => '60 g'], ['sweet' => $steps]];
        }
    }

    /**
     * @param array<string, string> $lines
     * @param array<string, float> $feels
     */
    #[DataProvider('spoiled')]
    public function test_the_pot_grows_by_half_and_no_more(array $lines, array $feels): void
    {
        $rescued = self::rescued(Sauce::evaluate($lines, self::SIMMERED), $feels, [
            'water',
            'sugar',
            'passata',
            'lemon-juice',
            'fine-salt',
        ]);

        // written in spoons and cups
        $growths = array_map(
            static fn (Remedy $remedy): float => self::isSecondBatch($remedy) ? 0.0 : $remedy->growth(),
            $rescued->remedies,
        );
        self::assertLessThan(0.56, max([0.0, ...$growths]));
        if (
            $rescued->remedies !== []
            && ! self::isSecondBatch($rescued->remedies[0])
            && array_values($feels)[0] >= 4.0
        ) {
            self::assertStringContainsString('goes part of the way', Say::it($rescued->note));
        }
    }

    public function test_before_it_boils_down_it_may_take_more(): void
    {
        $from = Sauce::evaluate(
            ['chicken-stock' => '900 g', 'sugar' => '90 g', 'fine-salt' => '16 g'],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 40]]],
        );
        $water = static fn (PotState $in): float => self::rescued($from, ['salty' => 3.0], ['water'], $in)->remedies[0]
            ->additions[0]->grams;

        self::assertEqualsWithDelta(1 / 0.6, $water(new PotState(beforeStage: 'stage')) / $water(new PotState), 0.15);
    }

    public function test_sugar_rounds_what_is_sour_and_is_said_to_take_none_of_it_away(): void
    {
        $from = Sauce::evaluate(
            ['chopped-tomatoes' => '800 g', 'onion' => '100 g', 'fine-salt' => '7 g'],
            self::SIMMERED,
        );
        $first = self::rescued($from, ['sour' => 2.0], ['sugar', 'cider-vinegar'])->remedies[0];

        self::assertContains('sugar', self::slugs($first));
        self::assertStringContainsString('rounds what is sour', Say::it($first->note));
        // the figure is the acid's alone
        $sour = Feel::Sour->value(LinearPot::of($first->after->cooked));
        self::assertEqualsWithDelta(
            Feel::Sour->steps(Feel::Sour->moved(Feel::Sour->value(LinearPot::of($from->cooked)), -2.0), $sour),
            $first->steps['sour'],
            0.06,
        );
    }

    public function test_acid_rounds_what_is_sweet_and_ruins_nothing_on_its_way(): void
    {
        $chutney = Sauce::evaluate(
            [
                'mango' => '800 g',
                'sugar' => '400 g',
                'white-vinegar' => '200 ml',
                'ginger' => '20 g',
                'fine-salt' => '10 g',
            ],
            ['process' => ['kind' => 'simmer', 'minutes' => 50]],
        );
        $first = self::rescued($chutney, ['sweet' => 2.0], ['white-vinegar', 'lime-juice', 'water'])->remedies[0];

        self::assertSame(['white-vinegar'], self::slugs($first));
        self::assertStringContainsString(
            'The acid rounds what is sweet, and takes none of it away.',
            Say::it($first->note),
        );
        self::assertLessThan(1.7, $first->steps['sour']);
        self::assertLessThan(0.12, $first->growth());
    }

    public function test_sugar_is_for_a_sharp_fruit_sauce_however_sweet_that_makes_it(): void
    {
        $coulis = Sauce::evaluate(
            ['raspberry' => '400 g', 'icing-sugar' => '40 g'],
            ['process' => ['kind' => 'blend']],
        );

        self::assertSame(
            ['icing-sugar'],
            self::slugs(self::rescued($coulis, ['sour' => 2.0], ['icing-sugar', 'sugar'])->remedies[0]),
        );
    }

    public function test_a_pinch_where_an_eighth_of_a_teaspoon_is_too_much(): void
    {
        $dip = Sauce::evaluate([
            'sour-cream' => '150 g',
            'horseradish' => '20 g',
            'lemon-juice' => '8 ml',
            'fine-salt' => '2 g',
        ]);

        self::assertSame(
            '1 pinch',
            self::rescued($dip, ['salty' => -1.0], ['fine-salt'])->remedies[0]->additions[0]->text,
        );
    }

    public function test_a_thick_cream_sauce_takes_milk(): void
    {
        $sauce = Sauce::evaluate(
            ['double-cream' => '250 ml', 'butter' => '30 g', 'hard-cheese' => '100 g'],
            ['process' => ['kind' => 'simmer', 'minutes' => 5]],
        );

        self::assertContains(
            ['milk'],
            array_map(self::slugs(...), self::rescued($sauce, ['thick' => 2.0], ['milk'])->remedies),
        );
    }

    /**
     * Lemon is a little sweet and cayenne too: that is no reason to leave them out of what is too sweet and flat or
     * mild.
     */
    public function test_too_sweet_and_flat_wants_lemon_and_too_sweet_and_mild_a_pinch_of_chilli(): void
    {
        $tartare = Sauce::evaluate([
            'mayonnaise' => '200 g',
            'gherkin' => '100 g',
            'capers' => '17 g',
            'lemon-juice' => '15 g',
        ]);
        self::assertSame(
            ['lemon-juice'],
            self::slugs(
                self::rescued($tartare, ['sweet' => 1.5, 'sour' => -1.0], ['lemon-juice', 'water', 'sugar'])
                    ->remedies[0],
            ),
        );

        $enchilada = Sauce::evaluate(
            [
                'plain-flour' => '16 g',
                'chilli-powder-blend' => '24 g',
                'chicken-stock' => '500 g',
                'tomato-paste' => '33 g',
            ],
            self::SIMMERED,
        );
        self::assertContains(
            'cayenne',
            self::slugs(
                self::rescued($enchilada, ['sweet' => 1.0, 'hot' => -1.0], ['cayenne', 'chicken-stock'])->remedies[0],
            ),
        );
    }

    public function test_one_thing_is_seasoned_with_where_it_hardly_moves_the_rest(): void
    {
        $chutney = Sauce::evaluate(
            ['mango' => '1 kg', 'sugar' => '300 g', 'cider-vinegar' => '250 ml', 'fine-salt' => '6 g'],
            self::SIMMERED,
        );

        self::assertSame(
            ['cider-vinegar'],
            self::slugs(
                self::rescued($chutney, ['sour' => -2.0], ['cider-vinegar', 'sugar', 'fine-salt'])->remedies[0],
            ),
        );
    }

    public function test_acid_cuts_what_is_rich_and_nothing_lean_is_called_rich(): void
    {
        $hollandaise = Sauce::evaluate([
            'egg-yolk' => '54 g',
            'butter' => '175 g',
            'lemon-juice' => '15 ml',
            'fine-salt' => '2 g',
        ]);
        self::assertSame(
            ['lemon-juice'],
            self::slugs(self::rescued($hollandaise, ['rich' => 2.0], ['lemon-juice', 'water', 'butter'])->remedies[0]),
        );

        $brown = Sauce::evaluate(['tomato' => '300 g', 'date' => '200 g', 'malt-vinegar' => '250 ml']);
        foreach (self::rescued($brown, ['rich' => 2.0], ['malt-vinegar'])->remedies as $remedy) {
            self::assertNotSame(['malt-vinegar'], self::slugs($remedy));
        }
    }

    /** Lines with flour and no word of what is done with them are cooked: it takes more of it. */
    public function test_a_gravy_without_a_method_takes_more_flour(): void
    {
        $from = Sauce::evaluate([
            'onion' => '300 g',
            'butter' => '40 g',
            'plain-flour' => '16 g',
            'beef-stock' => '600 ml',
        ]);

        self::assertSame(
            ['plain-flour'],
            self::slugs(self::rescued($from, ['thick' => -2.0], ['plain-flour', 'water'])->remedies[0]),
        );
    }

    /** Halfway to mended, where all of the way would make it as much too sweet or too sour. */
    public function test_no_remedy_makes_another_taste_far_too_much(): void
    {
        $asked = [['salty', 2.0], ['sour', 2.0], ['sweet', 2.0], ['hot', 2.0]];
        foreach (Sauce::sixty() as $name => $recipe) {
            $from = Evaluation::of($recipe, Sauce::catalogue(), null);
            [$feel, $steps] = $asked[crc32($name) % 4];
            foreach (
                self::rescued($from, [$feel => $steps], ['sugar', 'cider-vinegar', 'lemon-juice', 'fine-salt', 'honey'])
                    ->remedies as $remedy
            ) {
                foreach (array_diff(['sweet', 'sour', 'salty'], [$feel]) as $other) {
                    self::assertLessThan(
                        $feel === 'sour' && $other === 'sweet' ? 3.5 : 2.0,
                        $remedy->steps[$other],
                        "{$name}, {$feel}: ".implode(', ', self::slugs($remedy)),
                    );
                }
            }
        }
    }

    public function test_a_spoon_of_sugar_that_only_hides_the_salt_is_no_remedy(): void
    {
        $from = Sauce::evaluate([
            'yoghurt' => '200 g',
            'mayonnaise' => '80 g',
            'parsley' => '20 g',
            'fine-salt' => '6 g',
        ]);
        foreach (self::rescued($from, ['salty' => 2.0], ['sugar', 'yoghurt'])->remedies as $remedy) {
            self::assertNotSame(['sugar'], self::slugs($remedy));
        }
    }

    public function test_a_drink_that_is_not_boiled_off_any_more_is_a_splash(): void
    {
        $from = Sauce::evaluate(
            ['cranberry' => '300 g', 'port' => '100 ml', 'sugar' => '120 g', 'orange-juice' => '60 ml'],
            self::SIMMERED,
        );
        foreach (self::rescued($from, ['sweet' => 1.5], ['port', 'lemon-juice', 'orange-juice'])->remedies as $remedy) {
            foreach ($remedy->additions as $addition) {
                self::assertTrue($addition->ingredient->slug !== 'port' || $addition->grams < 45.0, $addition->text);
            }
        }
    }

    public function test_oil_whisked_into_an_emulsion_makes_it_thicker(): void
    {
        $mayonnaise = Sauce::evaluate(
            ['egg-yolk' => '36 g', 'sunflower-oil' => '150 ml', 'wine-vinegar' => '20 ml', 'fine-salt' => '4 g'],
            ['process' => ['kind' => 'blend']],
        );
        $pot = LinearPot::of($mayonnaise->cooked);

        self::assertGreaterThan($pot->powers, $pot->with([[Sauce::ingredient('sunflower-oil'), 30.0]])->powers);
    }

    public function test_a_raw_salsa_takes_more_of_its_own_tomatoes_and_a_cooked_one_cooks_them(): void
    {
        $have = ['tomato', 'passata', 'red-onion'];

        self::assertContains(
            'tomato',
            self::slugs(self::rescued(Sauce::evaluate(self::SALSA), ['hot' => 2.0], $have)->remedies[0]),
        );
        foreach (
            self::rescued(Sauce::evaluate(self::SALSA, self::SIMMERED), ['hot' => 2.0], $have)->remedies as $remedy
        ) {
            if (! self::isSecondBatch($remedy) && in_array('tomato', self::slugs($remedy), true)) {
                self::assertStringContainsString('simmer it in it', Say::it($remedy->note));
            }
        }
    }

    public function test_more_of_what_the_sauce_is_made_of_comes_before_its_cousins_and_before_much_water(): void
    {
        $rescued = self::rescued(
            Sauce::evaluate(self::DIP),
            ['hot' => 2.0],
            ['yoghurt', 'strained-yoghurt', 'sour-cream', 'milk', 'fine-salt'],
        );

        self::assertSame('yoghurt', self::slugs($rescued->remedies[0])[0]);
        foreach ($rescued->remedies as $remedy) {
            foreach ($remedy->additions as $addition) {
                self::assertTrue(
                    $addition->ingredient->slug !== 'water' || $addition->grams < 0.27 * $remedy->potBefore,
                    'a dip is no soup',
                );
            }
        }
    }

    public function test_what_is_too_much_is_thinned_by_what_thins_and_not_by_a_second_helping_of_every_seasoning(): void
    {
        $lines = [
            'gooseberry' => '1000 g',
            'cider-vinegar' => '120 g',
            'sugar' => '200 g',
            'onion' => '110 g',
            'fine-salt' => '14 g',
            'maple-syrup' => '39 g',
        ];
        $rescued = self::rescued(
            Sauce::evaluate($lines, self::SIMMERED),
            ['salty' => 2.0],
            ['cider-vinegar', 'sugar', 'maple-syrup', 'water'],
        );

        self::assertSame(
            ['cider-vinegar', 'sugar', 'water'],
            array_values(array_intersect(['cider-vinegar', 'sugar', 'water'], self::slugs($rescued->remedies[0]))),
        );
        foreach ($rescued->remedies as $remedy) {
            foreach (self::isSecondBatch($remedy) ? [] : $remedy->additions as $addition) {
                self::assertLessThanOrEqual(
                    1.25 * (float) ($lines[$addition->ingredient->slug] ?? '9999'),
                    $addition->grams,
                    $addition->ingredient->slug,
                );
            }
        }
    }

    public function test_strained_yoghurt_thickens_a_dip(): void
    {
        $first = self::rescued(
            Sauce::evaluate(self::DIP),
            ['thick' => -1.0],
            ['strained-yoghurt', 'maize-starch', 'milk'],
        )->remedies[0];

        self::assertSame(['strained-yoghurt'], self::slugs($first));
        self::assertLessThan(0.36, abs($first->steps['thick']));
    }

    public function test_what_sets_when_cold_is_not_stirred_into_what_is_never_warm(): void
    {
        $takes = static fn (array $stage): array => array_merge(
            [],
            ...array_map(
                self::slugs(...),
                self::rescued(Sauce::evaluate(self::SALSA + ['butter' => '20 g'], $stage), ['rich' => -2.0], ['butter'])
                    ->remedies,
            ),
        );

        self::assertNotContains('butter', $takes([]));
        self::assertContains('butter', $takes(self::SIMMERED));
    }

    public function test_what_only_holds_the_rest_in_place_is_taken_from_what_is_in_it(): void
    {
        $hot = Sauce::evaluate(
            ['red-chilli' => '250 g', 'white-vinegar' => '300 g', 'coarse-salt' => '20 g'],
            self::SIMMERED,
        );
        foreach (
            self::rescued($hot, ['sour' => -1.0], ['white-vinegar', 'sugar', 'coarse-salt'])->remedies as $remedy
        ) {
            self::assertNotContains('sugar', self::slugs($remedy), 'there is none in it, and it makes nothing sourer');
        }
    }

    /** @param list<string> $have */
    private static function rescued(Evaluation $from, array $feels, array $have, ?PotState $pot = null): Rescued
    {
        return Rescue::of($from, Sauce::catalogue(), $feels, array_map(Sauce::ingredient(...), $have), $pot);
    }

    /** @return list<string> */
    private static function slugs(Remedy $remedy): array
    {
        return array_map(static fn (Addition $addition): string => $addition->ingredient->slug, $remedy->additions);
    }

    private static function isSecondBatch(Remedy $remedy): bool
    {
        return str_contains(Say::it($remedy->note), 'as the recipe says');
    }
}
