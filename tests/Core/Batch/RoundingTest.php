<?php

declare(strict_types=1);

namespace Tests\Core\Batch;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Amount\Amount;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\ScaledRecipe;
use Vinculum\Batch\Scaler;
use Vinculum\Batch\ScaleTarget;
use Vinculum\Batch\Tools;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Weight;
use Vinculum\Recipe\LineWriter;
use Vinculum\Taste\Measure;

/** Amounts that can be measured, chosen together so that the balance moves least. */
final class RoundingTest extends TestCase
{
    private const LINES = [
        'gooseberry' => '1 kg',
        'cider-vinegar' => '1 1/4 cup',
        'sugar' => '1 1/3 cup',
        'fine-salt' => '2 tsp',
        'onion' => '1 medium',
        'white-miso' => '1 tbsp',
        'cayenne' => '1/2 tsp',
        'maple-syrup' => '2 tbsp',
    ];

    public function test_the_drift_is_never_worse_than_rounding_each_line_by_itself_beyond_what_nobody_tells(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 40; $i++) {
            $factor = mt_rand(20, 700) / 100;
            $from = Sauce::evaluate(self::LINES);
            $byItself = [];
            foreach ($from->cooked->weighed->lines as $line) {
                $byItself[$line->line->id] = (string) LineWriter::nearest($line, $factor, MeasuringSet::Us);
            }
            $alone = Evaluation::of($from->recipe->withAmounts($byItself), Sauce::catalogue(), null);
            $worst = static fn (Evaluation $to): float => max(
                array_map(
                    static fn (Measure $measure): float => abs(
                        $measure->steps($from->tasting->value($measure), $to->tasting->value($measure)),
                    ),
                    Measure::cases(),
                ),
            );

            self::assertLessThanOrEqual(
                max(0.3, $worst($alone)) + 1e-9,
                $worst(self::scale($from, "{$factor}x")->evaluation),
                "× {$factor}",
            );
        }
    }

    public function test_with_spoons_only_every_amount_is_one_that_spoons_measure(): void
    {
        foreach ([MeasuringSet::Us, MeasuringSet::Metric, MeasuringSet::Australian] as $set) {
            $scaled = self::scale(
                Sauce::evaluate(self::LINES, [], ['measures' => $set->value]),
                '6 x 250 ml',
                new Tools(Kitchenware::of($set), eighths: false, scale: false),
            );
            foreach ($scaled->lines as $line) {
                self::assertMatchesRegularExpression(
                    '/^(?:\d+|\d+ \d\/\d|\d\/\d)(?: (?:cup|tbsp|tsp|medium))?(?: \+ (?:\d+|\d+ \d\/\d|\d\/\d) '
                        .'(?:tbsp|tsp))?$/',
                    (string) $line->text,
                    $set->value,
                );
                self::assertStringNotContainsString('/8', (string) $line->text);
            }
        }
    }

    public function test_what_cannot_be_spooned_right_is_named_to_be_weighed(): void
    {
        $from = Sauce::evaluate(['water' => '900 g', 'sugar' => '100 g', 'habanero' => '1']);
        $scaled = self::scale($from, '0.1x', new Tools(Kitchenware::of(MeasuringSet::Us), scale: false));

        self::assertStringStartsWith('Weigh the habanero: 0.8 g', Say::it($scaled->toWeigh));
    }

    public function test_whole_things_stay_whole_or_say_how_much_of_one(): void
    {
        $half = self::scale(
            Sauce::evaluate([
                'egg' => '1',
                'sunflower-oil' => '200 ml',
                'lemon-juice' => '2 tbsp',
                'fine-salt' => '1 tsp',
            ]),
            'half',
        );

        self::assertSame('1', $half->lines[0]->text);
        self::assertStringStartsWith('most of it: weigh', Say::it($half->lines[0]->note));
        self::assertSame(
            '3',
            self::scale(Sauce::evaluate(['star-anise' => '2', 'water' => '1 l']), '1.4x')->lines[0]->text,
        );
    }

    public function test_less_than_the_smallest_spoon_is_diluted(): void
    {
        $scaled = self::scale(
            Sauce::evaluate(['water' => '1 l', 'sugar' => '100 g', 'cayenne' => '1/4 tsp']),
            '0.2x',
            new Tools(Kitchenware::of(MeasuringSet::Us), scale: false),
        );

        self::assertStringStartsWith('too little to measure: mix 1/4 tsp with', Say::it($scaled->lines[2]->note));
        preg_match(
            '/mix 1\/4 tsp with (\d) tsp of water, and use ([\d\/ ]+) tsp/',
            Say::it($scaled->lines[2]->note),
            $match,
        );
        $used = ['1/4' => 0.25, '1/2' => 0.5, '3/4' => 0.75, '1' => 1.0, '1 1/4' => 1.25, '1 1/2' => 1.5][$match[2]];
        self::assertEqualsWithDelta(
            0.05,
            (0.25 * $used) / ((int) $match[1] + 0.25),
            0.012,
            'a twentieth of a teaspoon',
        );
    }

    public function test_an_amount_that_can_be_measured_as_it_is_stays(): void
    {
        $twice = self::scale(Sauce::evaluate(self::LINES), '2x');

        self::assertSame(
            ['2 kg', '2 1/2 cup', '2 2/3 cup', '4 tsp'],
            array_slice(
                array_map(
                    static fn (?string $text): string => str_replace('1 tbsp + 1 tsp', '4 tsp', (string) $text),
                    array_column($twice->lines, 'text'),
                ),
                0,
                4,
            ),
        );
        foreach ($twice->driftSteps as $steps) {
            self::assertEqualsWithDelta(0.0, $steps, 0.05);
        }
    }

    public function test_the_amounts_written_weigh_what_is_said(): void
    {
        foreach (self::scale(Sauce::evaluate(self::LINES), '700 g')->lines as $line) {
            self::assertEqualsWithDelta(
                $line->roundedG,
                Weight::of(Amount::parse((string) $line->text, MeasuringSet::Us), Sauce::ingredient($line->id))->grams,
                1e-9,
            );
        }
    }

    private static function scale(Evaluation $from, string $to, ?Tools $tools = null): ScaledRecipe
    {
        return (new Scaler(Sauce::catalogue()))->scale(
            $from,
            ScaleTarget::parse($to, $from->recipe->measures),
            0.0,
            $tools,
        );
    }
}
