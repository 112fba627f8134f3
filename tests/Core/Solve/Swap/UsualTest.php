<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Swap;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\FreeOf;
use Vinculum\Solve\Swap\Substitution;
use Vinculum\Solve\Swap\Swap;
use Vinculum\Taste\Measure;

/** What a cook takes for a thing, weighed out: as much as goes out, or as strong. */
final class UsualTest extends TestCase
{
    private const WARM = ['process' => ['kind' => 'simmer', 'minutes' => 10, 'lid' => true]];

    public function test_a_cooks_choice_comes_first_and_in_about_a_cooks_order(): void
    {
        $options = self::options(
            Sauce::evaluate(
                ['coconut-milk' => '200 g', 'onion' => '80 g', 'curry-powder' => '6 g', 'fine-salt' => '3 g'],
                self::WARM,
            ),
            'curry-powder',
        );

        self::assertSame(['cumin', 'garam-masala', 'turmeric'], self::slugs($options[0]));
    }

    /** @return iterable<string, array{string, string, float}> what goes out, its amount, grams that come in, about */
    public static function byWeight(): iterable
    {
        yield 'mayonnaise' => ['mayonnaise', '200 g', 200];
        yield 'milk' => ['milk', '300 g', 300];
        yield 'tahini' => ['tahini', '60 g', 60];
        yield 'coconut milk' => ['coconut-milk', '250 g', 250];
        yield 'stout' => ['stout', '200 g', 200];
        yield 'red wine' => ['red-wine', '200 g', 200];
        yield 'a cheese the dip is made of' => ['feta', '200 g', 180];
    }

    #[DataProvider('byWeight')]
    public function test_of_what_a_sauce_is_made_of_as_much_comes_in_as_goes_out(
        string $out,
        string $amount,
        float $grams,
    ): void {
        $options = self::options(
            Sauce::evaluate(
                [$out => $amount, 'onion' => '200 g', 'lemon-juice' => '15 g', 'fine-salt' => '3 g'],
                self::WARM,
            ),
            $out,
        );

        self::assertNotSame([], $options);
        foreach ($options as $option) {
            if ($option->usual !== null) {
                $in = array_sum(array_map(static fn (Addition $with): float => $with->grams, $option->with));
                self::assertEqualsWithDelta(1.0, $in / $grams, 0.4, implode(' + ', self::slugs($option)));
            }
        }
    }

    /** Half as much vinegar is not as sour, whatever else the sauce is sour of. */
    public function test_a_vinegar_goes_by_its_acid(): void
    {
        $ketchup = Sauce::evaluate(
            ['gooseberry' => '1 kg', 'cider-vinegar' => '120 ml', 'sugar' => '200 g', 'fine-salt' => '12 g'],
            self::WARM,
        );
        foreach (['white-vinegar', 'wine-vinegar', 'rice-vinegar', 'malt-vinegar'] as $other) {
            foreach (
                array_filter(
                    self::options($ketchup, 'cider-vinegar'),
                    static fn (Substitution $each): bool => self::slugs($each) === [$other],
                ) as $option
            ) {
                $with = $option->with[0];
                $acid
                    = ($with->grams * Measure::Sourness->strengthOf($with->ingredient))
                    / (121.2 * Measure::Sourness->strengthOf(Sauce::ingredient('cider-vinegar')));
                self::assertEqualsWithDelta(1.0, $acid, 0.36, $other);
            }
        }
    }

    /**
     * What is sour in "soy sauce and vinegar" is the vinegar: half as sour at the least, and not half of that again.
     */
    public function test_each_of_two_brings_what_it_alone_is_there_for(): void
    {
        $sauce = Sauce::evaluate(
            [
                'ketchup' => '300 g',
                'cider-vinegar' => '60 g',
                'worcestershire-type-sauce' => '30 g',
                'dark-brown-sugar' => '50 g',
            ],
            self::WARM,
        );
        $out = $sauce->cooked->weighed->lines[2];
        $both = array_values(
            array_filter(
                self::options($sauce, 'worcestershire-type-sauce'),
                static fn (Substitution $each): bool => self::slugs($each) === ['malt-vinegar', 'soy-sauce'],
            ),
        );

        self::assertNotSame([], $both);
        foreach ($both[0]->with as $with) {
            $measure = $with->ingredient->slug === 'soy-sauce' ? Measure::Saltiness : Measure::Sourness;
            $brings
                = ($with->grams * $measure->strengthOf($with->ingredient))
                / ($out->grams * $measure->strengthOf($out->ingredient));
            self::assertGreaterThan(0.4, $brings, $with->ingredient->slug);
        }
    }

    public function test_dried_for_fresh_goes_by_what_is_not_water(): void
    {
        $grams = static fn (string $out, string $in): float => array_values(
            array_filter(
                self::options(
                    Sauce::evaluate(
                        [$out => '100 g', 'malt-vinegar' => '60 g', 'sugar' => '30 g', 'water' => '100 g'],
                        self::WARM,
                    ),
                    $out,
                ),
                static fn (Substitution $option): bool => self::slugs($option) === [$in],
            ),
        )[0]->with[0]->grams;

        self::assertGreaterThan(200, $grams('prune', 'plum'));
        self::assertLessThan(60, $grams('apricot', 'dried-apricot'));
    }

    public function test_a_herb_is_as_much_as_smells_as_strong(): void
    {
        $dip = Sauce::evaluate(['yoghurt' => '300 g', 'mint' => '10 g', 'garlic' => '5 g', 'fine-salt' => '3 g']);
        foreach (self::options($dip, 'mint') as $option) {
            self::assertGreaterThan(1.0, $option->with[0]->grams, implode(' + ', self::slugs($option)));
        }
    }

    public function test_fire_for_pepper_goes_by_the_fire(): void
    {
        $pot = Sauce::evaluate(
            ['double-cream' => '200 g', 'black-pepper' => '4 g', 'butter' => '20 g', 'fine-salt' => '3 g'],
            self::WARM,
        );
        foreach (self::options($pot, 'black-pepper') as $option) {
            self::assertNotContains('cayenne', self::slugs($option), 'no figure says how much, so it is not guessed');
        }
        $hot = Sauce::evaluate(['passata' => '400 g', 'cayenne' => '2 g', 'fine-salt' => '3 g'], self::WARM);
        foreach (self::options($hot, 'cayenne') as $option) {
            $heat = array_sum(
                array_map(
                    static fn (Addition $with): float => $with->grams
                        * (Measure::Heat->strengthOf($with->ingredient) ?? 0.0),
                    $option->with,
                ),
            );
            self::assertEqualsWithDelta(
                1.0,
                $heat / (2 * (Measure::Heat->strengthOf(Sauce::ingredient('cayenne')) ?? 0.0)),
                1.05,
                implode(' + ', self::slugs($option)),
            );
        }
    }

    public function test_where_vinegar_comes_in_no_other_vinegar_makes_it_up_and_no_pinch_of_a_pinch(): void
    {
        $mint = Sauce::evaluate(['mint' => '40 g', 'malt-vinegar' => '80 g', 'sugar' => '20 g', 'water' => '40 g']);
        $options = self::options($mint, 'malt-vinegar');
        self::assertNotSame([], $options);
        foreach ($options as $option) {
            foreach ($option->added as $added) {
                self::assertNotContains('acid', $added->ingredient->roles, implode(' + ', self::slugs($option)));
                self::assertGreaterThan(0.2, $added->grams);
            }
        }
    }

    public function test_the_fruit_of_a_ketchup_makes_up_for_no_vinegar(): void
    {
        $ketchup = Sauce::evaluate(
            ['gooseberry' => '1000 g', 'cider-vinegar' => '120 g', 'sugar' => '200 g', 'fine-salt' => '14 g'],
            self::WARM,
        );
        foreach (self::options($ketchup, 'cider-vinegar') as $option) {
            $moved = array_map(static fn ($change): string => $change->id, $option->compensations);
            self::assertNotContains('gooseberry', $moved, implode(' + ', self::slugs($option)));
        }
    }

    public function test_butter_is_for_what_is_warm(): void
    {
        $lines = ['double-cream' => '150 g', 'horseradish-root' => '30 g', 'lemon-juice' => '10 g'];
        $buttered = static fn (Evaluation $from): bool => array_filter(
            self::options($from, 'double-cream'),
            static fn (Substitution $option): bool => in_array('butter', self::slugs($option), true),
        ) !== [];

        self::assertFalse($buttered(Sauce::evaluate($lines)));
        self::assertTrue($buttered(Sauce::evaluate($lines, self::WARM)));
    }

    public function test_dry_sugar_for_the_syrup_a_sauce_is_made_of_takes_its_water(): void
    {
        $sugar = static fn (array $lines): array => self::slugs(
            Swap::options(
                Sauce::evaluate($lines, self::WARM),
                Sauce::catalogue(),
                'honey',
                new Criteria(
                    never: [
                        'maple-syrup',
                        'agave-syrup',
                        'golden-syrup',
                        'rice-malt-syrup',
                        'date-syrup',
                        'corn-syrup',
                    ],
                ),
            )[0],
        );

        self::assertContains('water', $sugar(['honey' => '200 g', 'chilli-flakes' => '4 g']));
        self::assertNotContains(
            'water',
            $sugar(['honey' => '15 g', 'soy-sauce' => '100 ml', 'rice-vinegar' => '60 ml']),
        );
    }

    public function test_a_sauce_of_one_herb_is_not_made_of_a_sprig_of_another_nor_let_down_for_it(): void
    {
        $pesto = Sauce::evaluate([
            'basil' => '60 g',
            'pine-nut' => '30 g',
            'hard-cheese' => '40 g',
            'olive-oil' => '120 ml',
        ]);
        foreach (self::options($pesto, 'basil') as $option) {
            self::assertGreaterThanOrEqual(28.0, $option->with[0]->grams, self::slugs($option)[0]);
            self::assertSame([], $option->added, self::slugs($option)[0]);
        }
        self::assertSame('parsley', self::slugs(self::options($pesto, 'basil')[0])[0]);
    }

    /** Alfredo is hardly sour: no spoon of vinegar makes up for what single cream has less of. */
    public function test_a_taste_nobody_finds_is_not_made_up(): void
    {
        $alfredo = Sauce::evaluate(
            ['butter' => '100 g', 'double-cream' => '250 ml', 'hard-cheese' => '120 g'],
            self::WARM,
        );
        foreach (self::options($alfredo, 'double-cream') as $option) {
            self::assertSame([], $option->added, self::slugs($option)[0]);
        }
    }

    public function test_a_curd_is_set_with_starch_and_a_hollandaise_is_not(): void
    {
        $curd = Sauce::evaluate(
            ['lemon-juice' => '120 ml', 'sugar' => '180 g', 'egg' => '150 g', 'butter' => '100 g'],
            self::WARM,
        );
        $with = static fn (Evaluation $from): array => FreeOf::of(
            $from,
            Sauce::catalogue(),
            [Sauce::need('eggs')],
            new Criteria,
        )->changes[0]->with;

        self::assertSame('maize-starch', $with($curd)[0]->ingredient->slug);
        self::assertLessThan(35.0, $with($curd)[0]->grams);
        self::assertNotSame(
            'maize-starch',
            $with(Sauce::evaluate(['egg' => '100 g', 'butter' => '250 g', 'lemon-juice' => '20 ml'], self::WARM))[0]
                ->ingredient->slug,
        );
    }

    public function test_of_several_things_none_is_more_than_there_was(): void
    {
        $glaze = Sauce::evaluate(
            ['apricot-jam' => '150 g', 'cider-vinegar' => '20 ml', 'dijon-type-mustard' => '10 g'],
            self::WARM,
        );
        foreach (self::options($glaze, 'apricot-jam') as $option) {
            foreach (count($option->with) > 1 ? $option->with : [] as $with) {
                self::assertLessThan(200.0, $with->grams, $with->ingredient->slug);
            }
        }
    }

    /** Flour is half as strong as starch, in a list of lines without a method as well. */
    public function test_flour_without_a_method_is_cooked_all_the_same(): void
    {
        foreach ([[], ['process' => ['kind' => 'simmer', 'minutes' => 10]]] as $stage) {
            $gravy = Sauce::evaluate(['butter' => '30 g', 'plain-flour' => '30 g', 'beef-stock' => '500 ml'], $stage);
            $starch = array_values(
                array_filter(
                    self::options($gravy, 'plain-flour'),
                    static fn (Substitution $option): bool => $option->with[0]->ingredient->slug === 'maize-starch',
                ),
            )[0];
            self::assertEqualsWithDelta(16.0, $starch->with[0]->grams, 3.5);
        }
    }

    public function test_where_there_is_a_lemon_no_vinegar_makes_up_for_it(): void
    {
        $tarator = Sauce::evaluate([
            'walnut' => '100 g',
            'fresh-breadcrumbs' => '56 g',
            'garlic' => '8 g',
            'lemon-juice' => '46 g',
            'olive-oil' => '100 ml',
        ]);
        foreach (self::options($tarator, 'walnut') as $option) {
            self::assertNotContains(
                'white-vinegar',
                array_map(static fn (Addition $added): string => $added->ingredient->slug, $option->added),
            );
        }
    }

    public function test_nothing_savoury_goes_into_a_sweet_sauce(): void
    {
        $caramel = Sauce::evaluate(
            ['sugar' => '200 g', 'water' => '60 ml', 'double-cream' => '150 ml', 'coarse-salt' => '3 g'],
            self::WARM,
        );
        foreach (self::options($caramel, 'coarse-salt') as $option) {
            self::assertNotContains('soy-sauce', self::slugs($option));
        }
        $salsa = Sauce::evaluate(['tomato' => '300 g', 'red-onion' => '50 g', 'lime-juice' => '25 ml']);
        foreach (self::options($salsa, 'red-onion') as $option) {
            self::assertNotContains('leek', self::slugs($option), 'a leek is not eaten raw');
        }
    }

    public function test_what_stands_behind_is_for_when_nothing_before_may_go_in(): void
    {
        $glaze = Sauce::evaluate(['soy-sauce' => '120 g', 'honey' => '90 g', 'water' => '120 g'], self::WARM);
        foreach (self::options($glaze, 'soy-sauce') as $option) {
            self::assertNotContains('fish-sauce', self::slugs($option));
        }
        $needs = array_map(Sauce::need(...), ['gluten', 'soy']);
        $freed = FreeOf::of($glaze, Sauce::catalogue(), $needs, new Criteria);

        self::assertSame(
            ['coconut-aminos', 'fine-salt'],
            array_map(static fn (Addition $with): string => $with->ingredient->slug, $freed->changes[0]->with),
        );
    }

    public function test_bought_ketchup_without_sugar_is_tomato_paste_fruit_and_vinegar(): void
    {
        $from = Sauce::evaluate(
            ['ketchup' => '300 g', 'cider-vinegar' => '80 g', 'smoked-paprika' => '5 g'],
            ['process' => ['kind' => 'warm']],
        );
        $freed = FreeOf::of($from, Sauce::catalogue(), [Sauce::need('added-sugar')], new Criteria);

        self::assertContains(
            'tomato-paste',
            array_map(static fn (Addition $with): string => $with->ingredient->slug, $freed->changes[0]->with),
        );
    }

    public function test_lock_bounds_tie_and_note_carry_over(): void
    {
        $from = Sauce::evaluate(
            [
                ['id' => 'passata', 'ingredient' => 'passata', 'amount' => '400 g'],
                [
                    'id' => 'sugar',
                    'ingredient' => 'sugar',
                    'amount' => '40 g',
                    'lock' => true,
                    'min_g' => 20,
                    'max_g' => 60,
                    'optional' => true,
                    'note' => 'as she likes it',
                ],
                ['id' => 'salt', 'ingredient' => 'fine-salt', 'tie' => ['line' => 'passata', 'ratio' => 0.02]],
            ],
            self::WARM,
        );
        $honey = Swap::options($from, Sauce::catalogue(), 'sugar', new Criteria, ['honey'])[0];
        [, $line] = $honey->recipe->lines();
        $ratio = $honey->with[0]->grams / 40;

        self::assertSame([true, true, 'as she likes it'], [$line->lock, $line->optional, $line->note]);
        self::assertEqualsWithDelta([20 * $ratio, 60 * $ratio], [$line->minG, $line->maxG], 1e-9);

        $flakes = Swap::options($from, Sauce::catalogue(), 'salt', new Criteria, ['flake-salt'])[0];
        $tied = $flakes->recipe->lines()[2];
        self::assertNotNull($tied->tie, 'it follows the tomatoes still');
        self::assertEqualsWithDelta(
            $flakes->with[0]->grams,
            $flakes->after->cooked->weighed->lines[2]->grams,
            0.02 * $flakes->with[0]->grams,
        );
    }

    /** @return list<Substitution> */
    private static function options(Evaluation $from, string $line): array
    {
        return Swap::options($from, Sauce::catalogue(), $line, new Criteria);
    }

    /** @return list<string> */
    private static function slugs(Substitution $option): array
    {
        $slugs = array_map(static fn (Addition $with): string => $with->ingredient->slug, $option->with);
        sort($slugs);

        return $slugs;
    }
}
