<?php

declare(strict_types=1);

namespace Tests\Core\Batch;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\Scaler;
use Vinculum\Batch\ScaleTarget;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Evaluation\Evaluation;

/** How much is wanted, as people say it. */
final class TargetReaderTest extends TestCase
{
    /** @return iterable<string, array{string, float}> text, times the recipe */
    public static function times(): iterable
    {
        foreach (
            [
                '2x' => 2,
                'x3' => 3,
                '2' => 2,
                '1/2' => 0.5,
                '½' => 0.5,
                'half' => 0.5,
                'half a batch' => 0.5,
                'half the recipe' => 0.5,
                'twice' => 2,
                'twice the recipe' => 2,
                'Double it' => 2,
                'triple' => 3,
                'a third' => 1 / 3,
                'a quarter of a batch' => 0.25,
                'a batch and a half' => 1.5,
                'two batches' => 2,
                '1 1/2 times' => 1.5,
                'one and a half times the recipe' => 1.5,
                '10x' => 10,
                '200x' => 200,
                'make 3 times the amount' => 3,
                '150 %' => 1.5,
                '150% of the recipe' => 1.5,
                '+50 %' => 1.5,
                '25 % more' => 1.25,
                '20% less' => 0.8,
                'by 2.5' => 2.5,
                'multiply by 3' => 3,
                'twice as much' => 2,
                'three times as much' => 3,
                'half as much' => 0.5,
                'half as much again' => 1.5,
                'a third less' => 2 / 3,
                'a quarter more' => 1.25,
                'another half' => 1.5,
            ] as $text => $factor
        ) {
            yield (string) $text => [(string) $text, (float) $factor];
        }
    }

    #[DataProvider('times')]
    public function test_so_many_times(string $text, float $factor): void
    {
        self::assertEqualsWithDelta($factor, ScaleTarget::parse($text, MeasuringSet::Us)->factor, 1e-9);
    }

    /** @return iterable<string, array{string, int, float}> text, containers, mL in each */
    public static function containers(): iterable
    {
        yield 'as a product' => ['6 x 250 ml', 6, 250.0];
        yield 'the other way' => ['250 ml x 6', 6, 250.0];
        yield 'of a size' => ['six jars of 200 ml', 6, 200.0];
        yield 'ounces are fluid' => ['three 8 oz bottles', 3, 8 * 29.5735];
        yield 'and hyphened' => ['three 8-oz bottles', 3, 8 * 29.5735];
        yield 'with for' => ['for three 8 oz bottles', 3, 8 * 29.5735];
        yield 'one to fill' => ['fill a 12 oz bottle', 1, 12 * 29.5735];
        yield 'without an article' => ['12 oz bottle', 1, 12 * 29.5735];
        yield 'a unit is its size' => ['a quart jar', 1, 946.353];
        yield 'and two of them' => ['two quart jars', 2, 946.353];
        yield 'half a unit' => ['a half pint jar', 1, 236.588];
        yield 'what kind is no matter' => ['one 5 oz hot sauce bottle', 1, 5 * 29.5735];
        yield 'millilitres' => ['a 330 ml bottle', 1, 330.0];
        yield 'half a unit each' => ['4 half-pint jars', 4, 236.588];
        yield 'without a space' => ['fill six 8oz jars', 6, 8 * 29.5735];
        yield 'one of one’s own' => ['fill my 750ml bottle', 1, 750.0];
    }

    #[DataProvider('containers')]
    public function test_bottles_and_jars(string $text, int $count, float $millilitres): void
    {
        $target = ScaleTarget::parse($text, MeasuringSet::Us);

        self::assertSame($count, $target->containers);
        self::assertEqualsWithDelta($millilitres, $target->millilitres, 0.1);
    }

    /** @return iterable<string, array{string, int, float}> text, people, mL each */
    public static function people(): iterable
    {
        yield 'for' => ['for 12', 12, 15.0];
        yield 'serves' => ['serves 12', 12, 15.0];
        yield 'enough for' => ['enough for 20 people', 20, 15.0];
        yield 'portions' => ['20 portions', 20, 15.0];
        yield 'by use' => ['8 people, glaze', 8, 30.0];
        yield 'by volume' => ['for 6 people, 100 ml', 6, 100.0];
        yield 'a dozen' => ['for a dozen people', 12, 15.0];
        yield 'a party' => ['for a party of 25', 25, 15.0];
        yield 'a family' => ['a family of four', 4, 15.0];
        yield 'of us' => ['for the six of us', 6, 15.0];
    }

    #[DataProvider('people')]
    public function test_people(string $text, int $count, float $millilitres): void
    {
        $target = ScaleTarget::parse($text, MeasuringSet::Us);

        self::assertSame([$count, true], [$target->containers, $target->isPeople]);
        self::assertEqualsWithDelta($millilitres, $target->millilitres, 1e-9);
    }

    /** @return iterable<string, array{string, float, float}> kind, mL for one at least and at most */
    public static function helpings(): iterable
    {
        // what an ordinary home cook reckons with: common practice, no source
        yield 'cheese sauce with macaroni' => ['cheese-sauce', 120.0, 180.0];
        yield 'tomato sauce with pasta' => ['tomato-pasta-sauce', 100.0, 160.0];
        yield 'vinaigrette on a side salad' => ['vinaigrette', 12.0, 20.0];
        yield 'sweet chilli with spring rolls' => ['sweet-chilli-dip', 25.0, 45.0];
        yield 'stir-fry sauce' => ['stir-fry-sauce', 35.0, 60.0];
        yield 'chickpea dip with bread' => ['chickpea-dip', 60.0, 100.0];
        yield 'ketchup on a burger' => ['tomato-ketchup', 10.0, 20.0];
        yield 'cranberry with a roast' => ['cranberry-sauce', 25.0, 45.0];
        yield 'mayonnaise in a sandwich' => ['mayonnaise-type', 12.0, 20.0];
        yield 'barbecue sauce at the table' => ['tomato-sweet-barbecue', 25.0, 45.0];
    }

    #[DataProvider('helpings')]
    public function test_people_have_what_is_usual_of_such_a_sauce(string $kind, float $least, float $most): void
    {
        $asked = ScaleTarget::parse('for 12', MeasuringSet::Us);
        $sauce = Sauce::evaluate(['passata' => '500 g'], [], [], Sauce::style($kind));
        $target = $asked->inHelpingsOf($sauce);

        self::assertSame([12, true], [$target->containers, $target->isPeople]);
        self::assertGreaterThanOrEqual($least, $target->millilitres);
        self::assertLessThanOrEqual($most, $target->millilitres);
        // where somebody said how much, that is how much
        $said = ScaleTarget::parse('for 6 people, 100 ml', MeasuringSet::Us);
        self::assertSame($said, $said->inHelpingsOf($sauce));
        self::assertSame($asked, $asked->inHelpingsOf(Sauce::evaluate(['passata' => '500 g'])));
        $serves = Sauce::evaluate(['passata' => '500 g'], [], ['serves' => '4'], Sauce::style($kind));
        self::assertSame($asked, $asked->inHelpingsOf($serves), 'the recipe says it');
    }

    public function test_a_recipe_that_says_whom_it_serves_decides_how_much_that_is(): void
    {
        $from = Sauce::evaluate(['passata' => '500 g'], [], ['serves' => '4 people', 'version' => 2]);

        self::assertEqualsWithDelta(3.0, ScaleTarget::parse('for 12', MeasuringSet::Us)->factorFor($from, 15.0), 1e-9);
        self::assertEqualsWithDelta(
            (12 * 30.0) / $from->estimates->volume()->value,
            ScaleTarget::parse('12 people, glaze', MeasuringSet::Us)->factorFor($from, 30.0),
            1e-9,
        );
    }

    public function test_pieces_have_their_share_unless_the_recipe_is_made_of_them(): void
    {
        $from = Sauce::evaluate(['plum' => '660 g', 'sugar' => '100 g', 'egg' => '2']);
        $factor = static fn (string $text): float => ScaleTarget::parse($text, MeasuringSet::Us)->factorFor($from, 0.0);

        self::assertEqualsWithDelta(150 / $from->estimates->volume()->value, $factor('30 dumplings'), 1e-9);
        self::assertEqualsWithDelta(120 / $from->estimates->volume()->value, $factor('a dozen chicken wings'), 1e-9);
        self::assertEqualsWithDelta(3.0, $factor('6 eggs'), 1e-9, 'it has eggs');
        self::assertEqualsWithDelta(1.5, $factor('990 g of plums'), 1e-9);
        self::assertEqualsWithDelta(330 / $from->estimates->mass()->value, $factor('330 g of sauce'), 1e-9);
    }

    public function test_what_there_is_of_a_thing_is_used_up(): void
    {
        $from = Sauce::evaluate(['plum' => '600 g', 'cider-vinegar' => '300 ml', 'lemon' => '3', 'sugar' => '100 g']);
        $factor = static fn (string $text): float => ScaleTarget::parse($text, MeasuringSet::Metric)->factorFor(
            $from,
            0.0,
        );

        foreach (
            [
                'I have 750 g plums' => 1.25,
                'use my 1.2 kg of plums' => 2.0,
                'I’ve got 6 lemons' => 2.0,
                'use 5 lemons' => 5 / 3,
                'use all 900 ml of vinegar' => 3.0,
                'with 450 ml cider vinegar' => 1.5,
                'there are 300 g of plums' => 0.5,
            ] as $text => $times
        ) {
            self::assertEqualsWithDelta($times, $factor($text), 0.02, $text);
        }
    }

    public function test_a_jugful_of_pieces_is_asked_for_by_weight(): void
    {
        $this->expectExceptionMessage('Give its weight, such as all of 900 g plums.');
        ScaleTarget::parse('I have 2 cups of plums', MeasuringSet::Us)->factorFor(
            Sauce::evaluate(['plum' => '600 g', 'sugar' => '100 g']),
            0.0,
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'jars of no size' => ['two jars', 'how much goes into one'];
        yield 'nothing' => ['0', 'not a batch size'];
        yield 'less than nothing' => ['-3', 'not a batch size'];
        yield 'a number without a unit' => ['900', 'not a batch size'];
        yield 'times a weight' => ['x 3 kg', 'not a batch size'];
        yield 'more batches than a kitchen makes' => ['900 batches and 200', 'not a batch size'];
        yield 'words' => ['loads', 'not a batch size'];
        yield 'jars by weight' => ['6 x 250 g', 'go by volume'];
        yield 'too many' => ['100000 x 1 l', 'not a batch size'];
    }

    #[DataProvider('refused')]
    public function test_what_is_no_size_is_asked_about(string $text, string $said): void
    {
        $this->expectException(UnreachableTarget::class);
        $this->expectExceptionMessage($said);
        ScaleTarget::parse($text, MeasuringSet::Us);
    }

    /** @return iterable<string, array{string, float}> what is asked, mL */
    public static function asked(): iterable
    {
        yield 'thirty people' => ['30 people, dip', 1350.0];
        yield 'a litre and a half' => ['1.5 l', 1500.0];
        yield 'a small jar' => ['a 150 ml jar', 150.0];
        yield 'jars' => ['6 x 250 ml', 1500.0];
        yield 'a pint' => ['1 pint', 473.0];
    }

    /** A stage in minutes boils off another share of another batch: what was asked is what is made, within 2 %. */
    #[DataProvider('asked')]
    public function test_what_was_asked_is_what_is_made(string $text, float $millilitres): void
    {
        $made = self::scaled(
            Sauce::evaluate(
                [
                    'passata' => '500 g',
                    'onion' => '100 g',
                    'cider-vinegar' => '80 ml',
                    'sugar' => '60 g',
                    'fine-salt' => '8 g',
                ],
                ['process' => ['kind' => 'simmer', 'minutes' => 25]],
            ),
            $text,
        );

        self::assertEqualsWithDelta(1.0, $made->estimates->volume()->value / $millilitres, 0.02);
    }

    public function test_rounding_starves_no_jar(): void
    {
        foreach ([2, 3, 4, 5, 6, 7] as $jars) {
            $made = self::scaled(
                Sauce::evaluate(
                    [
                        'mango' => '2',
                        'cider-vinegar' => '1/2 cup',
                        'sugar' => '1/3 cup',
                        'garlic' => '3 cloves',
                        'fine-salt' => '1 tsp',
                        'red-chilli' => '2',
                    ],
                    ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 20]]],
                ),
                "{$jars} x 250 ml",
            );

            self::assertGreaterThan(0.985 * $jars * 250, $made->estimates->volume()->value, "{$jars} jars");
        }
    }

    public function test_a_chilli_is_cut_and_not_weighed_by_the_gram(): void
    {
        $from = Sauce::evaluate([
            'passata' => '600 g',
            'habanero' => '3',
            'garlic' => '4 cloves',
            'egg' => '2',
            'fine-salt' => '6 g',
        ]);
        foreach (
            [
                'half' => '/^1 1\/2$/', 'a third' => '/^1$/', '1 1/2 times' => '/^4 1\/2$/',
                'a quarter' => '/^3\/4$/',
            ] as $text => $habaneros
        ) {
            $recipe = (new Scaler(Sauce::catalogue()))->scale($from, ScaleTarget::parse($text, MeasuringSet::Us))
                ->recipe;
            [, $chilli, $garlic, $egg] = array_map(
                static fn ($line): string => (string) $line->amount,
                $recipe->lines(),
            );
            self::assertMatchesRegularExpression($habaneros, $chilli, $text);
            self::assertDoesNotMatchRegularExpression('/ g$/', $garlic, $text);
            self::assertMatchesRegularExpression('/^[1-9]$/', $egg, 'an egg is whole');
        }
    }

    public function test_more_than_a_line_can_hold_is_said(): void
    {
        $this->expectException(UnreachableTarget::class);
        $this->expectExceptionMessage('Make it in several batches');
        self::scaled(Sauce::evaluate(['pineapple' => '600 g', 'fine-salt' => '6 g']), '200x');
    }

    private static function scaled(Evaluation $from, string $text): Evaluation
    {
        return (new Scaler(Sauce::catalogue()))->scale($from, ScaleTarget::parse($text, MeasuringSet::Us))->evaluation;
    }
}
