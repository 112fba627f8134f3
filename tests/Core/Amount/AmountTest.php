<?php

declare(strict_types=1);

namespace Tests\Core\Amount;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vinculum\Amount\Amount;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\UnreadableAmount;

final class AmountTest extends TestCase
{
    /**
     * @return iterable<string, array{string, float, string}> text, number, unit or the word in its place
     */
    public static function asMakersWriteThem(): iterable
    {
        yield 'a whole and a fraction' => ['1 1/2 cup', 1.5, 'cup'];
        yield 'a vulgar fraction and a plural' => ['1½ cups', 1.5, 'cup'];
        yield 'a vulgar fraction apart' => ['1 ½ cups', 1.5, 'cup'];
        yield 'a hyphen before the fraction' => ['1-1/2 cups', 1.5, 'cup'];
        yield 'an improper fraction' => ['3/2 cups', 1.5, 'cup'];
        yield 'a fraction slash' => ['2⁄3 cup', 2 / 3, 'cup'];
        yield 'grams' => ['35 g', 35.0, 'g'];
        yield 'a unit stuck to its number' => ['500ml', 500.0, 'ml'];
        yield 'a decimal comma' => ['0,5 l', 0.5, 'l'];
        yield 'a bare decimal point' => ['.25 kg', 0.25, 'kg'];
        yield 'spoons' => ['2 tbsp', 2.0, 'tbsp'];
        yield 'spoons spelt out' => ['2 Tablespoons', 2.0, 'tbsp'];
        yield 'a capital T is a tablespoon' => ['1 T', 1.0, 'tbsp'];
        yield 'a small t is a teaspoon' => ['1 t', 1.0, 'tsp'];
        yield 'with a full stop' => ['3 tsp.', 3.0, 'tsp'];
        yield 'fluid ounces' => ['4 fl oz', 4.0, 'fl oz'];
        yield 'cloves are left to the pantry' => ['3 cloves', 3.0, 'cloves'];
        yield 'a pinch' => ['a pinch', 1.0, 'pinch'];
        yield 'a pinch without a number' => ['pinch of', 1.0, 'pinch'];
        yield 'two in words' => ['two glugs', 2.0, 'glug'];
        yield 'half a cup' => ['half a cup', 0.5, 'cup'];
        yield 'a bare number' => ['3', 3.0, ''];
        yield 'a range is its middle' => ['3-4 cloves', 3.5, 'cloves'];
        yield 'a range with a dash' => ['3–4 tbsp', 3.5, 'tbsp'];
        yield 'a range in words' => ['1 to 2 tsp', 1.5, 'tsp'];
        yield 'parts' => ['3 parts', 3.0, 'part'];
        yield 'about' => ['about 20 cranks', 20.0, 'crank'];
        yield 'no-break space' => ["1\u{00A0}kg", 1.0, 'kg'];
    }

    #[DataProvider('asMakersWriteThem')]
    public function test_reads(string $text, float $number, string $unit): void
    {
        $amount = Amount::parse($text, MeasuringSet::Us);

        self::assertCount(1, $amount->terms);
        self::assertEqualsWithDelta($number, $amount->terms[0]->number->value, 1e-12);
        self::assertSame($unit, $amount->terms[0]->unit->name ?? $amount->terms[0]->words);
        self::assertSame($text, $amount->text, 'every amount keeps the text it was entered as');
    }

    public function test_a_mug_of_ones_own_is_as_good_as_a_cup(): void
    {
        $kit = Kitchenware::with(MeasuringSet::Us, [
            'blue mug' => 330,
            'ladle' => 90.0,
            'nonsense' => 'x',
            'leak' => -1,
        ]);
        foreach (
            [
                '2 blue mugs' => 330.0, '1 1/2 Blue Mug' => 330.0, '3 of my ladles' => 90.0,
                'half a ladleful' => 90.0,
            ] as $text => $millilitres
        ) {
            self::assertSame($millilitres, Amount::parse($text, $kit)->terms[0]->unit?->size, $text);
        }
        self::assertNull(Amount::parse('2 ladlettes', $kit)->terms[0]->unit);
        self::assertNull(Amount::parse('2 leaks', $kit)->terms[0]->unit);
        self::assertSame('cup', Amount::parse('2 cups', $kit)->terms[0]->unit?->name);
    }

    public function test_adds_what_is_joined_by_plus(): void
    {
        $amount = Amount::parse('1 tbsp + 1 tsp', MeasuringSet::Metric);

        self::assertSame(
            [15.0, 5.0],
            array_map(static fn ($term): float => $term->number->value * ($term->unit->size ?? 0.0), $amount->terms),
        );
    }

    public function test_a_large_unit_with_its_smaller_one_behind_it_is_a_sum(): void
    {
        $terms = static fn (string $text): array => array_map(
            static fn ($term): array => [$term->number->value, $term->unit?->name],
            Amount::parse($text, MeasuringSet::Us)->terms,
        );

        self::assertSame([[2.0, 'lb'], [1.5, 'oz']], $terms('2 lb 1 1/2 oz'));
        self::assertSame([[2.0, 'lb'], [4.0, 'oz']], $terms('2lb 4oz'));
        self::assertSame([[1.0, 'kg'], [200.0, 'g']], $terms('1 kg 200 g'));
        self::assertSame([[1.0, 'cup'], [2.0, 'tbsp']], $terms('1 cup 2 tbsp'));
        self::assertSame([[1.0, 'tbsp'], [1.5, 'tsp']], $terms('1 tbsp 1½ tsp'));
        self::assertEqualsWithDelta(
            2 * 453.59237 + 4 * 28.349523125,
            Amount::parse('2 lb 4 oz', MeasuringSet::Us)->grams(),
            1e-9,
        );
        self::assertNull(Amount::parse('1 cup 2 tbsp', MeasuringSet::Us)->grams());
        // a size beside a container, or another word for the same, is none
        self::assertCount(1, $terms('2 tins 400 g'));
        self::assertCount(1, $terms('1 cup 8 oz'));
    }

    public function test_loose_words_change_the_number_and_widen_it(): void
    {
        $heaped = Amount::parse('1 heaped tbsp', MeasuringSet::Us);

        self::assertSame(1.5, $heaped->factor);
        self::assertTrue($heaped->loose);
        self::assertSame('heaped', $heaped->lead);
        self::assertSame('generous', Amount::parse('a generous cup', MeasuringSet::Us)->lead);
        self::assertFalse(Amount::parse('1 level tsp', MeasuringSet::Us)->loose);
    }

    public function test_a_range_is_wider_than_its_middle(): void
    {
        $spread = Amount::parse('3-4', MeasuringSet::Us)->terms[0]->number->spread();

        self::assertEqualsWithDelta(log(4 / 3) / 2, $spread, 1e-12);
    }

    public function test_to_taste_is_an_amount_of_nothing_yet(): void
    {
        self::assertTrue(Amount::parse('to taste', MeasuringSet::Us)->isToTaste());
    }

    /**
     * @return iterable<string, array{string, string, string}> text, code, words of the message
     */
    public static function slips(): iterable
    {
        yield 'nothing' => ['  ', 'amount-missing', 'How much?'];
        yield 'no number' => ['some cups', 'amount-unreadable', 'does not start with a number'];
        yield 'less than nothing' => ['-3 g', 'amount-negative', 'less than nothing'];
        yield 'a typographic minus' => ['−3 g', 'amount-negative', 'less than nothing'];
        yield 'over zero' => ['1/0 cup', 'amount-unreadable', 'divides by zero'];
        yield 'zero over zero' => ['0/0', 'amount-unreadable', 'divides by zero'];
        yield 'scientific' => ['1e9', 'amount-out-of-range', 'more than a kitchen holds'];
        yield 'a very long number' => ['99999999 g', 'amount-out-of-range', 'more than a kitchen holds'];
        yield 'a comma that could be either' => ['1,500 g', 'amount-ambiguous', 'could be 1500 or 1.5'];
        yield 'a picture' => ['🍅🍅', 'amount-unreadable', 'does not start with a number'];
        yield 'right to left' => ['كوب', 'amount-unreadable', 'does not start with a number'];
        yield 'a hundred thousand letters' => [str_repeat('x', 100_000), 'amount-unreadable', 'at most 200 characters'];
    }

    #[DataProvider('slips')]
    public function test_says_what_is_wrong(string $text, string $code, string $words): void
    {
        try {
            Amount::parse($text, MeasuringSet::Us);
            self::fail('It was read.');
        } catch (UnreadableAmount $why) {
            self::assertSame($code, $why->problem);
            self::assertStringContainsString($words, $why->getMessage());
            self::assertLessThan(200, strlen($why->getMessage()));
        }
    }

    public function test_grams_of_a_weight_and_of_a_volume_whose_density_is_known(): void
    {
        $grams = static fn (string $text, ?float $density = null): ?float => Amount::parse(
            $text,
            MeasuringSet::Metric,
        )->grams($density);

        self::assertSame(850.0, $grams('850 g'));
        self::assertSame(1_250.0, $grams('1 kg + 250 g', 1.3));
        self::assertNull($grams('250 ml'));
        self::assertEqualsWithDelta(275.0, $grams('250 ml', 1.1), 1e-9);
        self::assertEqualsWithDelta(375.0, $grams('100 g + 250 ml', 1.1), 1e-9);
        // pieces and what is to taste have no weight of their own
        self::assertNull($grams('3 cloves', 1.1));
        self::assertNull($grams('3', 1.1));
        self::assertNull($grams('to taste', 1.1));
    }
}
