<?php

declare(strict_types=1);

namespace Tests\Core\Pantry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\Amount;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Pantry\AmountChoices;
use Vinculum\Pantry\Portion;
use Vinculum\Pantry\Weight;

final class WeightTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, float, float, 3?: string}> ingredient, amount, grams, spread, prep
     */
    public static function weights(): iterable
    {
        yield 'a weight is a weight' => ['sugar', '35 g', 35.0, 0.5 / 35];
        yield 'a finer scale shows in its decimals' => ['fine-salt', '3.5 g', 3.5, 0.05 / 3.5];
        yield 'a cup of liquid' => ['water', '1 cup', 236.1, 0.03];
        yield 'a level spoon' => ['fine-salt', '1 tsp', 6.0, 0.05];
        yield 'a cup of pieces' => ['gooseberry', '1 cup', 149.0, 0.15];
        yield 'cloves by count' => ['garlic', '3 cloves', 12.0, 0.3];
        yield 'a bare number counts the first portion' => ['habanero', '2', 16.0, log(1.35)];
        yield 'packed beats the plain cup' => ['light-brown-sugar', '1 cup', 145.0, 0.05, 'loose'];
        yield 'and carries over to spoons' => ['light-brown-sugar', '2 tbsp', 145.0 / 8, 0.05, 'loose'];
        yield 'a weighed gram is no less well known than a spoon of it' => ['fine-salt', '6 g', 6.0, 0.05];
        yield 'what is sold by weight is as good as weighed' => ['butter', '1 stick', 113.4, log(1.01)];
        yield 'a pinch' => ['cayenne', 'a pinch', (0.36 * 4.9289) / 16, 0.4];
        yield 'a thumb of ginger is a portion' => ['ginger', '1 thumb', 15.0, 0.4];
        yield 'a glug of oil' => ['olive-oil', '1 glug', 13.5, 0.4];
        yield 'a bought lemon gives its juice' => ['lemon-juice', '1', 48.0, log(1.3)];
    }

    #[DataProvider('weights')]
    public function test_weighs(string $slug, string $text, float $grams, float $spread, ?string $prep = null): void
    {
        $weight = Weight::of(Amount::parse($text, MeasuringSet::Us), Sauce::ingredient($slug), $prep);

        self::assertEqualsWithDelta($grams, $weight->grams, 0.01 * $grams);
        self::assertEqualsWithDelta($spread, $weight->spread, 1e-3);
    }

    public function test_a_weight_as_bought_leaves_its_stones_behind(): void
    {
        $of = static fn (string $amount, ?string $prep): float => Weight::of(
            Amount::parse($amount, MeasuringSet::Us),
            Sauce::ingredient('plum'),
            $prep,
        )->grams;

        self::assertEqualsWithDelta(1000.0, $of('1 kg', 'stoned'), 1e-9);
        self::assertEqualsWithDelta(940.0, $of('1 kg', 'as bought'), 1e-9);
        self::assertEqualsWithDelta(940.0, $of('1 kg', 'weighed with their stones'), 1e-9);
        self::assertEqualsWithDelta(
            $of('3', null),
            $of('3', 'as bought'),
            1e-9,
            'a plum by count is without its stone already',
        );
    }

    public function test_an_australian_tablespoon_is_a_third_larger(): void
    {
        $of = static fn (MeasuringSet $set): float => Weight::of(
            Amount::parse('1 tbsp', $set),
            Sauce::ingredient('honey'),
        )->grams;

        self::assertEqualsWithDelta(20 / 15, $of(MeasuringSet::Australian) / $of(MeasuringSet::Metric), 1e-9);
    }

    public function test_three_flurps_of_sugar_is_answered_in_a_sentence(): void
    {
        try {
            Weight::of(Amount::parse('3 flurps of sugar', MeasuringSet::Us), Sauce::ingredient('sugar'));
            self::fail('It was weighed.');
        } catch (UnreadableAmount $why) {
            self::assertSame(
                '“flurps of sugar” is not a measure of white sugar that I know. Try g, tbsp, cup or lump.',
                $why->getMessage(),
            );
            self::assertSame(['3 g', '3 tbsp', '3 cup'], $why->suggestions);
        }
    }

    public function test_a_spoon_of_what_has_no_density_asks_for_its_weight(): void
    {
        $this->expectExceptionMessage('How much a spoon or cup of anchovy fillets in oil weighs is not known.');

        Weight::of(Amount::parse('1 tbsp', MeasuringSet::Us), Sauce::ingredient('anchovy'));
    }

    public function test_more_than_a_kitchen_holds_is_refused(): void
    {
        $this->expectExceptionMessage('more than a kitchen holds');

        Weight::of(Amount::parse('300 kg', MeasuringSet::Us), Sauce::ingredient('sugar'));
    }

    public function test_the_ladder_holds_the_amount_and_its_neighbours_in_its_own_words(): void
    {
        $ladder = AmountChoices::ladder(Amount::parse('1 1/4 cups', MeasuringSet::Us));

        self::assertSame('1 1/4 cup', $ladder['texts'][$ladder['rung']]);
        self::assertSame('1 1/3 cup', $ladder['texts'][$ladder['rung'] + 1]);
        self::assertSame('1 cup', $ladder['texts'][$ladder['rung'] - 1]);
        self::assertTrue($ladder['exact']);
    }

    public function test_an_amount_between_steps_goes_to_the_next_one(): void
    {
        $ladder = AmountChoices::ladder(Amount::parse('137 g', MeasuringSet::Us));

        self::assertFalse($ladder['exact']);
        self::assertSame(['130 g', '140 g'], array_slice($ladder['texts'], $ladder['rung'], 2));
    }

    public function test_other_measures_are_the_same_amount_or_not_offered(): void
    {
        $choices = AmountChoices::inOtherUnits(298.0, Sauce::ingredient('cider-vinegar'), MeasuringSet::Us);

        self::assertContains('1 1/4 cup', $choices);
        self::assertContains('298 g', $choices);
        foreach ($choices as $text) {
            $grams = Weight::of(Amount::parse($text, MeasuringSet::Us), Sauce::ingredient('cider-vinegar'))->grams;
            self::assertEqualsWithDelta(298.0, $grams, 12.0, $text);
        }
    }

    /** What the product writes of a portion, of a half, one or two, it reads again as the same weight. */
    public function test_every_portion_is_read_again_as_it_is_written(): void
    {
        $read = 0;
        foreach (Sauce::catalogue()->slugs() as $slug) {
            $thing = Sauce::ingredient($slug);
            foreach ($thing->portions as $portion) {
                if (preg_match('/,| of$/', $portion->name) === 1) {
                    continue;
                }
                foreach (['1/2' => 0.5, '1' => 1.0, '2' => 2.0] as $count => $number) {
                    $words = Portion::counted((string) $count, $number, $portion->name);
                    $weight = Weight::of(Amount::parse($words, MeasuringSet::Us), $thing);
                    self::assertEqualsWithDelta($number * $portion->grams, $weight->grams, 1e-6, "{$words} of {$slug}");
                    $read++;
                }
            }
        }
        self::assertGreaterThan(500, $read);
    }

    public function test_a_handful_of_its_own_counts_before_any_handful(): void
    {
        $handful = Amount::parse('2 handfuls', MeasuringSet::Us);

        self::assertSame(60.0, Weight::of($handful, Sauce::ingredient('spinach'))->grams);
        self::assertGreaterThan(
            0.25,
            Weight::of($handful, Sauce::ingredient('spinach'))->spread,
            'no two hands are alike',
        );
        // of what has none of its own it is half a cup
        self::assertEqualsWithDelta(
            Sauce::ingredient('parsley')->density * 2 * 24 * 4.92892159375,
            Weight::of($handful, Sauce::ingredient('parsley'))->grams,
            1e-6,
        );
    }
}
