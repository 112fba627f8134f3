<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Diet;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\KeepingTime;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\FreeOf;

/** A line nobody could read loses no allergen its own words name, and nothing reassures beside it. */
final class UnreadLinesTest extends TestCase
{
    /**
     * US FDA, major food allergens; EU 1169/2011 annex II (both from memory).
     *
     * @return iterable<string, array{string, list<string>}>
     */
    public static function named(): iterable
    {
        foreach (
            [
                '6 raw oysters' => ['molluscs'],
                '100 g mussels, cleaned' => ['molluscs'],
                '80 g scallops' => ['molluscs'],
                '100 g lobster meat' => ['crustaceans'],
                '120 g white crab meat' => ['crustaceans'],
                '1 tin tuna' => ['fish'],
                '100 g smoked salmon' => ['fish'],
                '20 g lupin flour' => ['wheat', 'lupin'],
                '20 g soy flour' => ['wheat', 'soy'],
                '20 g flour (lupin)' => ['wheat', 'lupin'],
                '20 g flour, soy' => ['wheat', 'soy'],
                '50 g rye flour' => ['gluten'],
                '50 g barley flour' => ['gluten', 'wheat'],
                '60 g pearl barley' => ['gluten'],
                '40 g brazil nuts' => ['nuts'],
                '50 g halloumi' => ['milk'],
                '1 oyster mushroom' => [],
                '50 g butter or vegan spread' => ['milk'],
                '2 tbsp soy sauce (gluten-free if needed)' => ['wheat', 'soy'],
                '100 g yoghurt (dairy-free if needed)' => ['milk'],
                '50 g butter, dairy-free or not' => ['milk'],
                '50 g butter the size of an egg' => ['milk'],
                '100 ml milk or plant milk' => ['milk'],
                '1 tin tuna or vegan tuna' => ['fish'],
                '100 g crab apples' => [],
                '100 g plant tuna' => [],
                '1 gluten-free fish finger' => ['fish'],
                // what either could be, until it is answered
                '40 g hazelnut flour' => ['wheat', 'nuts'],
                // known for what it is
                '40 g almond flour' => ['nuts'],
                '2 tbsp walnut butter' => ['milk', 'nuts'],
                '200 ml cashew milk' => ['milk', 'nuts'],
                '100 g cashew cheese' => ['milk', 'nuts'],
                '40 g hazelnut oil' => ['nuts'],
                '100 g raw cashews' => ['nuts'],
                '2 tbsp milk powder' => ['milk'],
                '1 tbsp pistachio spread' => ['nuts'],
                '2 tbsp barley miso powder' => ['gluten', 'soy'],
                '50 g vegan cashew cheese' => ['nuts'],
                '50 g lactose-free halloumi' => ['milk'],
                '50 g dairy-free halloumi' => [],
                '1 gluten-free brown loaf, wheat-free bread' => [],
                '2 free-range turkey eggs' => ['eggs'],
            ] as $line => $allergens
        ) {
            yield $line => [$line, $allergens];
        }
    }

    /** @param list<string> $allergens */
    #[DataProvider('named')]
    public function test_an_allergen_in_the_words_of_a_line_is_said(string $line, array $allergens): void
    {
        self::assertSame($allergens, array_keys(Allergens::of(self::jotted($line)->cooked->weighed)['contains']));
    }

    public function test_a_guess_at_another_thing_is_shown_and_not_put_in(): void
    {
        foreach (
            [
                '40 g hazelnut flour',
                '2 tbsp walnut butter',
                '100 g pear butter',
                '1 cup pineapple vinegar',
                '1 tbsp beetroot powder',
                '1 tsp wattleseed',
                '40 g pistachio oil',
            ] as $line
        ) {
            [$recipe, $questions] = JottedText::read("200 g sugar\n{$line}", Sauce::catalogue(), MeasuringSet::Metric);
            self::assertCount(1, $questions, $line);
            self::assertNull(Sauce::catalogue()->find($recipe->stages[0]->lines[1]->ingredient), $line);
        }
        foreach (
            [
                '2 tbsp tumeric' => 'turmeric', '20 g parm' => 'hard-cheese', '1 red bell peper' => 'red-pepper',
            ] as $line => $slug
        ) {
            self::assertSame(
                $slug,
                JottedText::read("200 g sugar\n{$line}", Sauce::catalogue(), MeasuringSet::Metric)[0]->stages[0]
                    ->lines[1]->ingredient,
                'misspelt or cut short it is the same thing',
            );
        }
    }

    /**
     * @return iterable<string, array{string, list<string>, list<string>}>
     */
    public static function choices(): iterable
    {
        yield 'the other is not known' => ['30 g plain or lupin flour', ['wheat'], ['lupin']];
        yield 'the first is not known' => ['30 g lupin flour or plain flour', ['wheat'], ['lupin']];
        yield 'as you like' => ['100 ml milk, oat if you like', ['milk'], ['gluten']];
        yield 'in brackets' => ['100 ml cream (or soya cream)', ['milk'], ['soy']];
        yield 'without it' => ['100 g yoghurt (dairy-free if needed)', ['milk'], []];
    }

    /**
     * @param list<string> $contains
     * @param list<string> $may
     */
    #[DataProvider('choices')]
    public function test_where_there_is_a_choice_the_allergens_of_the_other_are_to_be_checked(
        string $line,
        array $contains,
        array $may,
    ): void {
        $found = Allergens::of(self::jotted($line)->cooked->weighed);

        self::assertSame($contains, array_keys($found['contains']));
        self::assertSame($may, array_values(array_intersect(array_keys($found['check']), ['lupin', 'gluten', 'soy'])));
    }

    public function test_a_guess_without_the_allergen_is_shown_and_not_put_in(): void
    {
        [$recipe, $questions] = JottedText::read(
            "Gravy\n\n20 g lupin flour\n400 ml water",
            Sauce::catalogue(),
            MeasuringSet::Metric,
        );

        self::assertSame('lupin flour', $recipe->stages[0]->lines[0]->ingredient);
        self::assertSame(['plain-flour'], array_slice($questions[0]->guesses, 0, 1));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function ruledOut(): iterable
    {
        foreach (
            [
                '200 g gluten-free flour' => 'wheat',
                '200 g flour (gluten-free)' => 'wheat',
                '100 g vegan cheese' => 'milk',
                '50 g dairy-free cheese' => 'milk',
                '1 tbsp vegan fish sauce' => 'fish',
                '1 tbsp soy-free miso' => 'soy',
                '1 tbsp vegan Worcestershire sauce' => 'fish',
                '2 tbsp nut-free pesto' => 'nuts',
                '1 tbsp mustard-free piccalilli' => 'mustard',
                '2 tbsp eggless hollandaise' => 'eggs',
                '2 tbsp gluten-free soy sauce' => 'wheat',
                '100 ml plant-based milk' => 'milk',
                '2 tbsp egg-free mayonnaise' => 'eggs',
                '100 ml plant-based cream' => 'milk',
            ] as $line => $allergen
        ) {
            yield $line => [$line, $allergen];
        }
    }

    #[DataProvider('ruledOut')]
    public function test_what_its_own_words_rule_out_is_neither_put_in_nor_shown(string $line, string $allergen): void
    {
        [$recipe, $questions] = JottedText::read("Sauce\n\n{$line}", Sauce::catalogue(), MeasuringSet::Metric);
        $meant = [
            $recipe->stages[0]->lines[0]->ingredient,
            ...array_merge(...array_map(static fn (object $question): array => $question->guesses, $questions)),
        ];
        foreach ($meant as $slug) {
            self::assertNotContains($allergen, Sauce::catalogue()->find($slug)->contains ?? []);
        }
    }

    public function test_what_is_only_without_sugar_or_fat_is_what_it_is(): void
    {
        foreach (
            [
                '100 g fat-free yoghurt' => 'yoghurt',
                '100 ml lactose-free milk' => 'milk',
                '50 g boneless anchovies' => 'anchovy',
            ] as $line => $slug
        ) {
            self::assertSame(
                $slug,
                JottedText::read("Sauce\n\n{$line}", Sauce::catalogue(), MeasuringSet::Metric)[0]->stages[0]->lines[0]
                    ->ingredient,
            );
        }
    }

    public function test_no_pH_is_said_to_be_low_while_a_line_is_not_read(): void
    {
        $codes = self::codes("100 ml lemon juice\n300 g cooked chayote");

        self::assertContains('ph-without-all-lines', $codes);
        self::assertNotContains('ph-is-an-estimate', $codes);
        self::assertContains('ph-is-an-estimate', self::codes('100 ml lemon juice'));
    }

    public function test_a_bought_thing_with_something_unread_in_it_is_no_longer_as_its_label_says(): void
    {
        $oil = "200 ml olive oil\n10 g shaved truffle";

        self::assertNotContains('as-its-label-says', self::codes($oil));
        self::assertContains('unread-in-oil', self::codes($oil));
        self::assertLessThanOrEqual(4, KeepingTime::of(Facts::of(self::jotted($oil)))->fridgeDays ?? 99);
        self::assertContains('as-its-label-says', self::codes('200 ml olive oil'));
        self::assertNotContains('unread-in-oil', self::codes("150 g crab meat\n100 g butter"));
    }

    public function test_nothing_is_dry_enough_while_a_line_is_not_read(): void
    {
        $codes = self::codes("500 g sugar\n300 g cooked chayote");

        self::assertNotContains('dry-enough-for-toxin', $codes);
        self::assertContains('ph-without-all-lines', $codes);
    }

    /**
     * Sources beside each in database/vocabulary.json, from memory.
     *
     * @return iterable<string, array{string, string|null}>
     */
    public static function hazards(): iterable
    {
        foreach (
            [
                '50 g apricot kernels' => 'kernels',
                '30 g bitter almonds' => 'kernels',
                '200 g cassava' => 'cassava',
                '1 cup dried kidney beans' => 'raw-beans',
                '200 g black beans, soaked' => 'raw-beans',
                '3 green potatoes' => 'green-potatoes',
                '500 g foraged mushrooms' => 'wild-mushrooms',
                '20 g fiddleheads' => 'fiddleheads',
                '50 g comfrey leaves' => 'poisonous-plants',
                '6 raw oysters' => 'raw-seafood',
                "100 g salmon, diced\n\nSimmer 10 minutes." => null,
                '1 tin tuna' => null,
                '1 tin kidney beans, drained' => null,
                '20 g cassava flour' => null,
                '200 g green tomatoes' => null,
                '3 potatoes' => null,
            ] as $line => $code
        ) {
            yield $line => [$line, $code];
        }
    }

    #[DataProvider('hazards')]
    public function test_what_is_poisonous_by_its_name_is_said_and_no_guess_is_put_in(string $line, ?string $code): void
    {
        $named = array_filter(
            Sauce::catalogue()->vocabulary->words['hazards'],
            static fn (array $hazard): bool => isset($hazard['named']),
        );
        $said = array_intersect(self::codes($line), array_keys($named));

        self::assertSame($code === null ? [] : [$code], array_values($said));
    }

    public function test_beans_of_ones_own_are_poisonous_until_they_are_boiled(): void
    {
        $catalogue = Sauce::catalogueWith([
            'beans' => ['name' => 'beans', 'per_100g' => ['water' => 60.0], 'traits' => ['raw-beans']],
        ]);
        $grade = static function (array $stage) use ($catalogue): ?Grade {
            $sauce = Evaluation::of(Sauce::of(['beans' => '100 g', 'water' => '300 g'], $stage), $catalogue, null);
            foreach (Cautions::of(Facts::of($sauce)) as $caution) {
                if ($caution->code === 'raw-beans') {
                    return $caution->grade;
                }
            }

            return null;
        };

        self::assertSame(Grade::Stop, $grade(['process' => ['kind' => 'blend']]));
        self::assertSame(Grade::Stop, $grade(['process' => ['kind' => 'simmer', 'minutes' => 20]]));
        self::assertSame(Grade::Mind, $grade(['process' => ['kind' => 'simmer', 'minutes' => 60]]));
    }

    public function test_three_nutmegs_in_a_cup_of_milk_make_ill_and_a_pinch_does_not(): void
    {
        self::assertContains('much-nutmeg', self::codes("200 ml milk\n3 nutmegs, grated"));
        self::assertNotContains('much-nutmeg', self::codes("30 g cinnamon\n10 g nutmeg\n10 g ground ginger"));
        self::assertNotContains('much-nutmeg', self::codes("500 ml milk\n1/2 tsp grated nutmeg"));
    }

    public function test_what_nobody_knows_is_free_of_nothing(): void
    {
        $sauce = self::jotted("6 raw oysters\n200 g cooked chayote\n100 g butter");
        $left = static fn (string $need): array => array_map(
            static fn (array $line): string => $line['line']
                .(str_contains((string) json_encode($line['why']), 'in the way') ? ' against' : ' check'),
            FreeOf::of($sauce, Sauce::catalogue(), [Sauce::need($need)], new Criteria)->left,
        );

        self::assertSame(['l1 against', 'l2 check'], $left('shellfish'));
        self::assertSame(['l1 check', 'l2 check'], $left('nuts'));
        self::assertSame(['l1 against', 'l2 check'], $left('vegan'));
        self::assertSame(
            ['against' => ['l1'], 'check' => ['l2']],
            Diet::named('vegetarian', Sauce::catalogue()->vocabulary)->of($sauce->cooked),
        );
    }

    public function test_what_is_fermented_for_weeks_can_be_kept(): void
    {
        $recipe = JottedText::read(
            "Mash\n\n300 g red chillies\n10 g salt\n\nFerment for 6 weeks.",
            Sauce::catalogue(),
            MeasuringSet::Metric,
        )[0];
        $again = RecipeDocument::read(RecipeDocument::write($recipe));

        self::assertSame(60480.0, $again->stages[0]->process?->minutes);
    }

    /** @return list<string> */
    private static function codes(string $lines): array
    {
        return array_map(
            static fn (Caution $caution): string => $caution->code,
            Cautions::of(Facts::of(self::jotted($lines))),
        );
    }

    private static function jotted(string $lines): Evaluation
    {
        return Evaluation::of(
            JottedText::read("Test\n\n{$lines}", Sauce::catalogue(), MeasuringSet::Metric)[0],
            Sauce::catalogue(),
            null,
        );
    }
}
