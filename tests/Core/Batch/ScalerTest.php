<?php

declare(strict_types=1);

namespace Tests\Core\Batch;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\ScaledRecipe;
use Vinculum\Batch\Scaler;
use Vinculum\Batch\ScaleTarget;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Portion;
use Vinculum\Recipe\Process;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Stage;

final class ScalerTest extends TestCase
{
    private const LINES = [
        'gooseberry' => '1 kg',
        'cider-vinegar' => '1 1/4 cup',
        'sugar' => '1 1/3 cup',
        'fine-salt' => '2 tsp',
        'garlic' => '3 cloves',
        'habanero' => '1/2',
        'cayenne' => 'a pinch',
    ];

    /**
     * @return iterable<string, array{string, float|null, float|null, float|null, int}> text, factor, g, mL, containers
     */
    public static function targets(): iterable
    {
        yield 'a factor' => ['2x', 2.0, null, null, 0];
        yield 'a factor in front' => ['x 1/2', 0.5, null, null, 0];
        yield 'a mixed factor' => ['1 1/2 x', 1.5, null, null, 0];
        yield 'half' => ['half', 0.5, null, null, 0];
        yield 'double' => ['Double', 2.0, null, null, 0];
        yield 'a mass' => ['900 g', null, 900.0, null, 0];
        yield 'a volume' => ['1.5 l', null, null, 1500.0, 0];
        yield 'bottles' => ['6 x 250 ml', null, null, 250.0, 6];
        yield 'bottles with a cross' => ['6 × 250 ml bottles', null, null, 250.0, 6];
        yield 'pints' => ['2 x 1 pint', null, null, 473.176473, 2];
    }

    #[DataProvider('targets')]
    public function test_reads_what_is_wanted(
        string $text,
        ?float $factor,
        ?float $grams,
        ?float $millilitres,
        int $containers,
    ): void {
        $target = ScaleTarget::parse($text, MeasuringSet::Us);

        self::assertEqualsWithDelta(
            [$factor, $grams, $millilitres, $containers],
            [$target->factor, $target->grams, $target->millilitres, $target->containers],
            1e-6,
        );
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function unreadableTargets(): iterable
    {
        yield 'nothing to go by' => ['lots'];
        yield 'no unit' => ['600'];
        yield 'nothing times' => ['0x'];
        yield 'less than nothing' => ['-2x'];
        yield 'no containers' => ['0 x 250 ml'];
        yield 'bottles of no size' => ['two bottles'];
        yield 'bottles by weight' => ['6 x 250 g'];
        yield 'an ocean' => ['9999999 l'];
    }

    #[DataProvider('unreadableTargets')]
    public function test_says_what_it_can_read(string $text): void
    {
        $this->expectException(UnreachableTarget::class);
        $this->expectExceptionMessageMatches('/6 x 250 ml/');

        ScaleTarget::parse($text, MeasuringSet::Us);
    }

    public function test_before_rounding_scaling_is_linear_and_the_sauce_is_the_same(): void
    {
        $stage = ['process' => ['kind' => 'simmer', 'until' => ['mass_g' => 1200]]];
        $once = Sauce::evaluate(self::LINES, $stage);
        $scaled = self::scale($once, '2x');

        self::assertSame(2.0, $scaled->factor);
        foreach ($scaled->lines as $i => $line) {
            self::assertEqualsWithDelta(2 * $once->cooked->weighed->lines[$i]->grams, $line->exactG, 1e-9);
        }
        self::assertEqualsWithDelta(
            2400.0,
            $scaled->evaluation->estimates->mass()->value,
            1e-9,
            'an end point in grams is scaled with the lines',
        );
    }

    public function test_six_bottles_are_filled_to_their_headspace(): void
    {
        $scaled = self::scale(Sauce::evaluate(self::LINES), '6 x 250 ml', 5.0);

        self::assertNotNull($scaled->containers);
        self::assertEqualsWithDelta(
            min(237.5, $scaled->evaluation->estimates->volume()->value / 6),
            $scaled->containers['fill_ml'],
            1e-9,
        );
        self::assertSame(6, $scaled->containers['full']);
        self::assertEqualsWithDelta(
            $scaled->evaluation->estimates->volume()->value,
            6 * $scaled->containers['fill_ml'] + $scaled->containers['left_ml'],
            1e-6,
        );
        self::assertEqualsWithDelta(
            6 * 237.5,
            array_sum(array_column($scaled->lines, 'exactG')) / Sauce::evaluate(self::LINES)->estimates->density(),
            2.0,
        );
    }

    public function test_what_is_counted_is_said_in_the_plural_of_more_than_one(): void
    {
        self::assertSame('2 sticks', Portion::counted('2', 2.0, 'stick'));
        self::assertSame('1 1/2 cloves, crushed', Portion::counted('1 1/2', 1.5, 'clove, crushed'));
        self::assertSame('1 leaf', Portion::counted('1', 1.0, 'leaves'));
        self::assertSame('3 medium', Portion::counted('3', 3.0, 'medium'));
        self::assertSame('2', Portion::counted('2', 2.0, ''));
    }

    public function test_amounts_stay_in_measures_a_kitchen_has(): void
    {
        $scaled = self::scale(Sauce::evaluate(self::LINES), '3x');
        $texts = array_column($scaled->lines, 'text', 'id');

        self::assertSame(
            [
                'gooseberry' => '3 kg',
                'cider-vinegar' => '3 3/4 cup',
                'sugar' => '4 cup',
                'fine-salt' => '2 tbsp',
                'garlic' => '9 cloves',
                'habanero' => '1 1/2',
                'cayenne' => '3 pinches',
            ],
            $texts,
        );
        self::assertSame(
            '1/2 tsp',
            self::scale(Sauce::evaluate(self::LINES), '8x')->lines[6]->text,
            'many pinches are a measure',
        );
    }

    public function test_drift_is_what_evaluating_the_rounded_recipe_gives(): void
    {
        $once = Sauce::evaluate(self::LINES);
        $scaled = self::scale($once, '700 g');
        foreach ($scaled->driftSteps as $name => $steps) {
            $measure = \Vinculum\Taste\Measure::from($name);
            $again = Evaluation::of($scaled->recipe, Sauce::catalogue(), null)->tasting;
            self::assertEqualsWithDelta(
                $measure->steps($once->tasting->value($measure), $again->value($measure)),
                $steps,
                1e-9,
            );
        }
    }

    public function test_ties_follow_and_a_number_is_scaled_even_where_its_unit_means_nothing(): void
    {
        $scaled = self::scale(
            Sauce::evaluate([
                ['id' => 'a', 'ingredient' => 'sugar', 'amount' => '100 g'],
                ['id' => 'b', 'ingredient' => 'honey', 'tie' => ['line' => 'a', 'ratio' => 0.5]],
                ['id' => 'c', 'ingredient' => 'sugar', 'amount' => '3 flurps'],
                ['id' => 'd', 'ingredient' => 'fine-salt', 'amount' => 'to taste'],
                ['id' => 'e', 'ingredient' => 'garlic', 'amount' => '1 tbsp + 2 cloves', 'max_g' => 30],
            ]),
            '2x',
        );

        self::assertSame(
            ['200 g', null, '6 flurps', 'to taste'],
            array_slice(array_column($scaled->lines, 'text'), 0, 4),
        );
        self::assertStringEndsWith(' g', (string) $scaled->lines[4]->text);
        self::assertSame(60.0, $scaled->recipe->lines()[4]->maxG);
        self::assertEqualsWithDelta(100.0, $scaled->lines[1]->exactG, 1e-9);
    }

    public function test_parts_are_scaled_by_their_batch(): void
    {
        $scaled = self::scale(
            Sauce::evaluate(
                ['olive-oil' => '3 parts', 'wine-vinegar' => '1 part'],
                [],
                ['size' => ['volume_ml' => 200]],
            ),
            '3x',
        );

        self::assertSame(['3 parts', '1 part'], array_column($scaled->lines, 'text'));
        self::assertSame(600.0, $scaled->recipe->size?->volumeMl);
    }

    public function test_an_empty_pot_cannot_be_scaled(): void
    {
        $this->expectExceptionMessage('There is nothing in the pot yet');

        self::scale(Sauce::evaluate([]), '2x');
    }

    public function test_headspace_beyond_half_is_refused(): void
    {
        $this->expectExceptionMessage('from 0 to 50 per cent');

        self::scale(Sauce::evaluate(self::LINES), '6 x 250 ml', 60.0);
    }

    private static function scale(Evaluation $from, string $to, float $headspace = 0.0): ScaledRecipe
    {
        return (new Scaler(Sauce::catalogue()))->scale($from, ScaleTarget::parse($to, MeasuringSet::Us), $headspace);
    }

    /** Parts stay parts, and each says what that is in cups, in millilitres and by weight. */
    public function test_a_part_says_what_it_is_to_be_measured_out(): void
    {
        $from = Sauce::evaluate(
            ['olive-oil' => '3 parts', 'wine-vinegar' => '1 part', 'fine-salt' => '1 tsp'],
            [],
            ['size' => ['volume_ml' => 300]],
        );
        $scaled = (new Scaler(Sauce::catalogue()))->scale($from, ScaleTarget::parse('600 ml', MeasuringSet::Us));
        $notes = array_map(static fn ($line): string => Say::it($line->note), $scaled->lines);

        self::assertSame('3 parts', $scaled->lines[0]->text);
        self::assertMatchesRegularExpression('/^which is 1 \d\/\d cup.*, 44\d mL, or 40\d g$/', $notes[0]);
        self::assertMatchesRegularExpression('/^which is .*cup.* mL, or 1[45]\d g$/', $notes[1]);
    }

    public function test_what_was_poured_is_poured_and_nothing_is_weighed_finer_than_the_scale_shows(): void
    {
        $targets = ['half', '3x', '4 x 100 ml', '1/3'];
        foreach (Sauce::sixty() as $name => $recipe) {
            $to = $targets[crc32($name) % 4];
            $was = [];
            foreach ($recipe->lines() as $line) {
                $was[$line->id] = (string) $line->amount;
            }
            $scaled = (new Scaler(Sauce::catalogue()))->scale(
                Evaluation::of($recipe, Sauce::catalogue(), null),
                ScaleTarget::parse($to, MeasuringSet::Metric),
            );
            foreach ($scaled->recipe->lines() as $line) {
                $where = "{$name} to {$to}: {$line->ingredient} {$was[$line->id]} became {$line->amount}";
                $isGrams = preg_match('/^([\d.]+) g$/', (string) $line->amount, $grams) === 1;
                self::assertFalse($isGrams && fmod((float) $grams[1], 1.0) !== 0.0, $where);
                self::assertFalse(
                    $isGrams && preg_match('/(?:tsp|tbsp|pinch)$/', $was[$line->id]) === 1 && (float) $grams[1] < 5.0,
                    $where,
                );
                if (preg_match('/^\d+ ?ml$/', $was[$line->id]) === 1) {
                    self::assertMatchesRegularExpression(
                        '/(?:^\d+[05] ml|tsp|tbsp|cup)$/',
                        (string) $line->amount,
                        $where,
                    );
                }
            }
        }
    }

    public function test_minutes_that_stay_the_same_are_not_said_to_be_others(): void
    {
        foreach (Sauce::sixty() as $recipe) {
            $from = Evaluation::of(
                $recipe->withStages(
                    array_map(
                        static fn (Stage $stage): Stage => $stage->processed(
                            new Process(ProcessKind::Simmer, null, 12.0),
                        ),
                        $recipe->stages,
                    ),
                ),
                Sauce::catalogue(),
                null,
            );
            foreach ((new Scaler(Sauce::catalogue()))->scale($from, ScaleTarget::times(2.5))->unscaled as $said) {
                if (
                    preg_match(
                        '/about (\d+) minutes? in the same pan at the same heat, not (\d+)/',
                        Say::it($said['text']),
                        $minutes,
                    ) === 1
                ) {
                    self::assertNotSame($minutes[1], $minutes[2]);
                }
            }
        }
    }
}
