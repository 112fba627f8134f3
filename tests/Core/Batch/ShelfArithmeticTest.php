<?php

declare(strict_types=1);

namespace Tests\Core\Batch;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\Amount;
use Vinculum\Amount\AmountWriter;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\Division;
use Vinculum\Batch\Scaler;
use Vinculum\Batch\ScaleTarget;
use Vinculum\Batch\Shopping;
use Vinculum\Batch\Stock;
use Vinculum\Batch\Tools;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Taste\Measure;

/** What holds of shopping, portions, rounding and written amounts whatever the numbers are. */
final class ShelfArithmeticTest extends TestCase
{
    public function test_packs_cover_the_need_and_one_fewer_would_not(): void
    {
        mt_srand(21);
        for ($i = 0; $i < 80; $i++) {
            $need = mt_rand(1, 4000);
            $have = mt_rand(0, 1) * mt_rand(1, 3000);
            $pack = mt_rand(50, 1500);
            $price = mt_rand(10, 900) / 100;
            $thing = Sauce::ingredient($i % 2 === 0 ? 'sugar' : 'onion');
            $weighed = Sauce::evaluate([$thing->slug => "{$need} g"])->cooked->weighed;
            $line = Shopping::of(
                [$weighed],
                [
                    $thing->slug => Stock::noted(
                        $thing,
                        $have === 0 ? null : "{$have} g",
                        $price,
                        "{$pack} g",
                        MeasuringSet::Us,
                    ),
                ],
            )->lines[0];
            $packs = $line->packs ?? self::fail('A pack is known.');
            $pack *= $thing->edible;

            self::assertGreaterThanOrEqual($need - 1e-6, $have + $packs * $pack);
            self::assertTrue(
                $packs === 0 || $have + ($packs - 1) * $pack < $need + 1e-6,
                "{$need} g, {$have} g there, packs of {$pack} g",
            );
            self::assertEqualsWithDelta($packs * $price, $line->cost, 1e-9);
            self::assertEqualsWithDelta(($need / $pack) * $price, $line->usedCost, 1e-9);
        }
    }

    public function test_a_list_of_many_is_the_sum_of_its_recipes(): void
    {
        $one = Sauce::evaluate(['passata' => '500 g', 'sugar' => '80 g', 'onion' => '100 g'])->cooked->weighed;
        $two = Sauce::evaluate(['sugar' => '120 g', 'garlic' => '20 g', 'water' => '1 kg'])->cooked->weighed;
        $needs = static fn (array $batches): array => array_column(
            array_map(
                static fn ($line): array => [$line->ingredient->slug, $line->needGrams],
                Shopping::of($batches, [])->lines,
            ),
            1,
            0,
        );
        $sum = $needs([$one, $two, $two]);

        self::assertEqualsWithDelta(
            ['passata' => 500.0, 'sugar' => 320.0, 'onion' => 100.0, 'garlic' => 40.0],
            array_replace(['passata' => 0.0, 'sugar' => 0.0, 'onion' => 0.0, 'garlic' => 0.0], $sum),
            1e-9,
        );
        self::assertSame([], $needs([]));
    }

    public function test_portions_add_up_to_the_yield(): void
    {
        mt_srand(22);
        for ($i = 0; $i < 60; $i++) {
            $yield = (float) mt_rand(500, 5000);
            $parts = [];
            $left = $yield;
            foreach (['marinade', 'mop', 'freezer'] as $name) {
                $ml = mt_rand(1, (int) ($left / 3));
                $left -= $ml;
                $parts[] = "{$name} {$ml} ml";
            }
            $rest = mt_rand(0, 1) === 1 ? ', table the rest' : '';
            $portions = Division::of(implode(', ', $parts).$rest, $yield, MeasuringSet::Us);

            self::assertEqualsWithDelta($yield, array_sum(array_column($portions, 'ml')), 0.02 * $yield);
            self::assertContains($portions[array_key_last($portions)]['name'], ['table', 'what is left']);
            self::assertNotContains('', array_column($portions, 'label'));
        }
        $this->expectException(UnreachableTarget::class);
        Division::of(str_repeat("table 1 ml\n", 13), 1000.0, MeasuringSet::Us);
    }

    /** Every choice of every line tried out, and each cooked: the joint rounding is not far from the best there is. */
    public function test_rounding_together_is_near_the_best_of_all_there_are(): void
    {
        $tools = new Tools(Kitchenware::of(MeasuringSet::Us), scale: false);
        foreach ([1.37, 0.73, 2.61] as $factor) {
            $from = Sauce::evaluate([
                'cider-vinegar' => '1 cup',
                'sugar' => '1/2 cup',
                'fine-salt' => '2 tsp',
                'soy-sauce' => '2 tbsp',
            ]);
            $lists = [];
            foreach ($from->cooked->weighed->lines as $line) {
                $lists[$line->line->id] = array_column(
                    \Vinculum\Batch\Choices::of($line, $line->grams * $factor, $factor, $tools),
                    'text',
                );
            }
            $best = INF;
            foreach (self::combinations($lists) as $amounts) {
                $best = min(
                    $best,
                    self::worst($from, Evaluation::of($from->recipe->withAmounts($amounts), Sauce::catalogue(), null)),
                );
            }
            $ours = self::worst(
                $from,
                (new Scaler(Sauce::catalogue()))->scale(
                    $from,
                    ScaleTarget::parse("{$factor}x", MeasuringSet::Us),
                    0.0,
                    $tools,
                )->evaluation,
            );

            self::assertLessThan($best + 0.25, $ours, "× {$factor}: the best of all is {$best}");
        }
    }

    public function test_a_volume_written_in_spoons_is_read_back_as_nearly_that(): void
    {
        mt_srand(23);
        foreach (MeasuringSet::cases() as $set) {
            for ($i = 0; $i < 80; $i++) {
                $millilitres = exp(mt_rand(100, 760) / 100);
                foreach (
                    [
                        AmountWriter::together($millilitres, $set)[0],
                        AmountWriter::spoons($millilitres, $set)[0],
                    ] as $text
                ) {
                    $read = 0.0;
                    foreach (Amount::parse($text, $set)->terms as $term) {
                        $read += $term->number->value * ($term->unit?->size ?? 0.0);
                    }
                    self::assertEqualsWithDelta(
                        1.0,
                        $read / $millilitres,
                        0.2,
                        "{$set->value}: {$millilitres} ml as {$text}",
                    );
                }
            }
        }
    }

    public function test_as_many_spoons_as_make_a_larger_one_are_the_larger_one(): void
    {
        foreach (MeasuringSet::cases() as $set) {
            for ($millilitres = 1.0; $millilitres < 400.0; $millilitres *= 1.013) {
                [$text, $size] = AmountWriter::spoons($millilitres, $set);
                self::assertDoesNotMatchRegularExpression(
                    $set === MeasuringSet::Australian ? '/^4 tsp$/' : '/^3 tsp$/',
                    $text,
                    "{$set->value}: {$millilitres} ml",
                );
                self::assertSame($text, AmountWriter::spoons($size, $set)[0], 'what is written stays as it is');
            }
        }
    }

    /**
     * @param array<string, list<string>> $lists
     * @return list<array<string, string>>
     */
    private static function combinations(array $lists): array
    {
        $all = [[]];
        foreach ($lists as $id => $texts) {
            $next = [];
            foreach ($all as $amounts) {
                foreach (array_slice($texts, 0, 6) as $text) {
                    $next[] = $amounts + [$id => $text];
                }
            }
            $all = $next;
        }

        return $all;
    }

    private static function worst(Evaluation $from, Evaluation $to): float
    {
        return max(
            array_map(
                static fn (Measure $measure): float => abs(
                    $measure->steps($from->tasting->value($measure), $to->tasting->value($measure)),
                ),
                Measure::cases(),
            ),
        );
    }
}
