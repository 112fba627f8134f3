<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedRecipe;

/** More, less or something new, in words a kitchen can measure. */
final class LineWriterTest extends TestCase
{
    private const LINES = [
        'gooseberry' => '1 kg',
        'cider-vinegar' => '1 1/4 cup',
        'sugar' => '2 tbsp',
        'fine-salt' => '1/2 tsp',
        'garlic' => '3 cloves',
        'cayenne' => '1 pinch',
        'olive-oil' => '2 glugs',
        'egg' => '2',
    ];

    /** @return iterable<string, array{float}> */
    public static function factors(): iterable
    {
        foreach ([0.25, 0.5, 0.8, 1.0, 1.5, 2.0, 3.3, 7.0] as $factor) {
            yield "× {$factor}" => [$factor];
        }
    }

    #[DataProvider('factors')]
    public function test_the_nearest_words_are_near_and_can_be_read(float $factor): void
    {
        foreach (MeasuringSet::cases() as $set) {
            $kit = Kitchenware::of($set);
            foreach (
                WeighedRecipe::of(self::measuredIn($set), Sauce::catalogue())->lines as $line
            ) {
                $ingredient = $line->ingredient ?? self::fail('It is in the pantry.');
                $text = LineWriter::nearest($line, $factor, $set) ?? self::fail('It has an amount.');
                $grams = LineWriter::gramsOf($text, $ingredient, null, $kit);
                self::assertNotNull($grams, $text);
                if (! in_array($ingredient->slug, ['egg', 'garlic', 'cayenne'], true)) {
                    self::assertEqualsWithDelta(
                        1.0,
                        $grams / ($line->grams * $factor),
                        0.26,
                        "{$set->value}: {$text} {$ingredient->slug}",
                    );
                }
                foreach (LineWriter::ways($line, $factor, $kit) as $way) {
                    self::assertNotNull(LineWriter::gramsOf($way, $ingredient, null, $kit), $way);
                }
            }
        }
    }

    /** @return iterable<string, array{string, string, float, list<string>}> slug, amount, factor, ways in order */
    public static function weighed(): iterable
    {
        yield 'a good deal' => ['cider-vinegar', '150 g', 3.86, ['580 g', '579 g']];
        yield 'some' => ['sugar', '50 g', 1.14, ['55 g', '57 g']];
        yield 'too little for the scale' => ['fine-salt', '5 g', 1.46, ['7 g', '1 1/4 tsp', '7.3 g']];
        yield 'pieces are not spooned' => ['garlic', '4 g', 1.3, ['5 g', '5.2 g']];
        yield 'in spoons it stays in spoons' => ['sugar', '2 tbsp', 2.0, ['1/4 cup', '50 g']];
    }

    /** @param list<string> $ways */
    #[DataProvider('weighed')]
    public function test_what_is_weighed_is_written_round_first(
        string $slug,
        string $amount,
        float $factor,
        array $ways,
    ): void {
        $line = WeighedRecipe::of(Sauce::of([$slug => $amount]), Sauce::catalogue())->lines[0];

        self::assertSame($ways, LineWriter::ways($line, $factor, Kitchenware::of(MeasuringSet::Us)));
    }

    public function test_an_egg_is_a_whole_one_and_a_trace_of_it_is_not(): void
    {
        $kit = Kitchenware::of(MeasuringSet::Us);
        foreach ([[28.0, '1'], [62.0, '1'], [95.0, '2'], [140.0, '3']] as [$grams, $text]) {
            self::assertSame($text, LineWriter::fresh($grams, Sauce::ingredient('egg'), $kit));
        }
        self::assertStringContainsString('tsp', LineWriter::fresh(8.0, Sauce::ingredient('egg'), $kit));
    }

    public function test_a_finer_scale_shows_tenths_and_then_they_are_measured(): void
    {
        $line = WeighedRecipe::of(Sauce::of(['fine-salt' => '5 g']), Sauce::catalogue())->lines[0];

        self::assertSame('7.3 g', LineWriter::ways($line, 1.46, Kitchenware::with(MeasuringSet::Us, [], 0.1))[0]);
    }

    public function test_another_set_of_spoons_weighs_the_same(): void
    {
        $weighed = WeighedRecipe::of(Sauce::of(self::LINES), Sauce::catalogue());
        foreach (MeasuringSet::cases() as $set) {
            $other = LineWriter::inSet($weighed, $set);
            self::assertSame($set, $other->measures);
            foreach (WeighedRecipe::of($other, Sauce::catalogue())->lines as $i => $line) {
                self::assertEqualsWithDelta(
                    1.0,
                    $line->grams / $weighed->lines[$i]->grams,
                    0.13,
                    "{$set->value}: {$line->line->amount} {$line->line->ingredient}",
                );
            }
            self::assertSame('1 kg', $other->lines()[0]->amount, 'what is weighed is left as it was');
            self::assertSame('1 pinch', $other->lines()[5]->amount, 'and so is a pinch');
        }
    }

    public function test_something_new_is_said_in_the_handiest_words_within_a_share_of_it(): void
    {
        mt_srand(31);
        $kit = Kitchenware::of(MeasuringSet::Us);
        foreach (
            [
                'sugar', 'cider-vinegar', 'honey', 'fine-salt', 'garlic', 'onion', 'water', 'maize-starch',
                'soy-sauce',
            ] as $slug
        ) {
            $ingredient = Sauce::ingredient($slug);
            for ($i = 0; $i < 25; $i++) {
                $grams = exp(mt_rand(100, 700) / 100);
                $text = LineWriter::fresh($grams, $ingredient, $kit);
                $read = LineWriter::gramsOf($text, $ingredient, null, $kit);
                self::assertNotNull($read, $text);
                self::assertEqualsWithDelta(1.0, $read / $grams, 0.25, "{$grams} g of {$slug} as {$text}");
            }
        }
        self::assertSame(
            '3 cloves',
            LineWriter::fresh(3 * Sauce::ingredient('garlic')->portions[0]->grams, Sauce::ingredient('garlic'), $kit),
        );
    }

    public function test_a_scale_shows_its_own_step_and_tenths_only_of_little(): void
    {
        $kit = Kitchenware::of(MeasuringSet::Us);

        self::assertSame(
            ['350 g', '12 g', '6.3 g', '0.1 g'],
            array_map(static fn (float $grams): string => LineWriter::weighed($grams, $kit), [349.7, 12.2, 6.28, 0.01]),
        );
    }

    public function test_what_cannot_be_read_weighs_nothing_that_is_known(): void
    {
        self::assertNull(
            LineWriter::gramsOf('3 flurps', Sauce::ingredient('sugar'), null, Kitchenware::of(MeasuringSet::Us)),
        );
        self::assertNull(
            LineWriter::gramsOf('1/0 cup', Sauce::ingredient('sugar'), null, Kitchenware::of(MeasuringSet::Us)),
        );
    }

    /**
     * @return iterable<string, array{string, string, float, string, string}> what goes out, its amount, grams of what
     * comes in, what that is, what is written
     */
    public static function standIns(): iterable
    {
        yield 'as much as went out is written as it was' => ['water', '120 ml', 121.0, 'vegetable-stock', '120 ml'];
        yield 'and what is hardly less' => ['water', '600 ml', 578.0, 'milk', '600 ml'];
        yield 'what was poured is poured to a line' => ['water', '120 ml', 83.0, 'vegetable-stock', '85 ml'];
        yield 'much of it to a line of ten' => ['water', '600 ml', 437.0, 'milk', '420 ml'];
        yield 'what was weighed is weighed in fives' => ['butter', '100 g', 82.0, 'olive-oil', '80 g'];
        yield 'much of it in tens' => ['butter', '250 g', 207.0, 'olive-oil', '210 g'];
        yield 'little of it as the scale shows it' => ['butter', '20 g', 17.2, 'olive-oil', '17 g'];
        yield 'and what the scale hardly shows in a spoon' => ['cheddar', '250 g', 2.7, 'fine-salt', '1/2 tsp'];
        yield 'pieces do not pour' => ['water', '50 ml', 40.0, 'gherkin', '40 g'];
        yield 'spoons stay spoons' => ['soy-sauce', '3 tbsp', 40.0, 'tamari', '2 tbsp + 3/4 tsp'];
        yield 'more of the pinch it was is pinches' => ['fine-salt', '1 pinch', 0.8, 'fine-salt', '2 pinches'];
        yield 'and something else for it is not' => ['fine-salt', '1 pinch', 4.0, 'soy-sauce', '3/4 tsp'];
    }

    #[DataProvider('standIns')]
    public function test_what_stands_in_is_measured_as_what_it_stands_in_for(
        string $out,
        string $amount,
        float $grams,
        string $in,
        string $written,
    ): void {
        $line = WeighedRecipe::of(Sauce::of([$out => $amount], [], ['measures' => 'metric']), Sauce::catalogue())
            ->lines[0];
        $kit = Kitchenware::of(MeasuringSet::Metric);

        self::assertSame($written, LineWriter::insteadOf($line, $grams, Sauce::ingredient($in), $kit));
        // and it is about as much as was meant: half a line of the jug, of the scale or of a spoon off
        self::assertEqualsWithDelta(
            1.0,
            (LineWriter::gramsOf($written, Sauce::ingredient($in), null, $kit) ?? 0.0) / $grams,
            0.14,
        );
    }

    public function test_a_jug_is_filled_to_one_of_its_lines(): void
    {
        $written = array_map(LineWriter::poured(...), [1.0, 7.0, 13.0, 52.0, 247.0, 252.0, 258.0, 1003.0]);

        self::assertSame(['5 ml', '5 ml', '15 ml', '50 ml', '245 ml', '250 ml', '260 ml', '1000 ml'], $written);
    }

    public function test_what_a_scale_shows_is_never_finer_than_its_step(): void
    {
        foreach ([0.1, 1.0, 2.0, 5.0] as $step) {
            $kit = Kitchenware::with(MeasuringSet::Metric, [], $step);
            self::assertSame($step, (float) LineWriter::shown($step / 10, $kit), 'the least it shows');
            self::assertFalse(LineWriter::isShown(4.9 * $step, $kit));
            self::assertTrue(LineWriter::isShown(5.0 * $step, $kit));
            foreach ([3.3, 17.77, 149.6] as $grams) {
                $steps = (float) LineWriter::shown($grams, $kit) / $step;
                self::assertEqualsWithDelta(round($steps), $steps, 1e-6, "{$grams} g in steps of {$step}");
            }
        }
    }

    private static function measuredIn(MeasuringSet $set): Recipe
    {
        return Sauce::of(self::LINES, [], ['measures' => $set->value]);
    }
}
