<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Rebalance;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Solve\Aims;
use Vinculum\Solve\LineChange;
use Vinculum\Solve\Rebalance\Rebalance;
use Vinculum\Solve\Rebalance\Rebalanced;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Ratio;

/** A recipe on paper, moved where it should be with the least change. */
final class RebalanceTest extends TestCase
{
    public function test_a_recipe_is_moved_into_its_style_and_lands_as_it_is_written_down(): void
    {
        $style = Sauce::style('fruit-chutney');
        $from = self::ketchup($style);
        $answer = Rebalance::of($from, Sauce::catalogue(), Aims::ofStyle($from, $style));

        self::assertTrue($answer->isReached, Say::it($answer->why));
        $again = Evaluation::of($answer->recipe, Sauce::catalogue(), $style);
        foreach (Measure::cases() as $measure) {
            self::assertSame($answer->after->tasting->value($measure), $again->tasting->value($measure));
            self::assertLessThan(
                0.36,
                abs($answer->aims->steps($measure, $again->tasting->value($measure))),
                $measure->value,
            );
        }
        self::assertEqualsWithDelta(
            1.0,
            $again->estimates->mass()->value / $from->estimates->mass()->value,
            0.12,
            'it makes about as much as before',
        );
    }

    public function test_no_locked_line_moves_and_what_follows_keeps_following(): void
    {
        foreach (Measure::cases() as $measure) {
            foreach ([0.5, 1.6] as $factor) {
                $from = self::ketchup(null, [
                    ['id' => 'salt', 'ingredient' => 'fine-salt', 'amount' => '16 g', 'lock' => true],
                    ['id' => 'honey', 'ingredient' => 'honey', 'tie' => ['line' => 'vinegar', 'ratio' => 0.5]],
                ]);
                $answer = Rebalance::of(
                    $from,
                    Sauce::catalogue(),
                    Aims::ofFigures($from, [$measure->value => $factor * $from->tasting->value($measure)]),
                );
                $grams = array_column(
                    array_map(
                        static fn ($line): array => [$line->line->id, $line->grams],
                        $answer->after->cooked->weighed->lines,
                    ),
                    1,
                    0,
                );

                self::assertSame(16.0, $grams['salt']);
                self::assertEqualsWithDelta(0.5, $grams['honey'] / $grams['vinegar'], 1e-9);
            }
        }
    }

    public function test_bounds_hold_for_each_line(): void
    {
        $from = self::ketchup(null, [
            ['id' => 'more', 'ingredient' => 'honey', 'amount' => '20 g', 'max_g' => 30, 'min_g' => 15],
        ]);
        foreach ([30.0, 8.0] as $sweetness) {
            $answer = Rebalance::of($from, Sauce::catalogue(), Aims::ofFigures($from, ['sweetness' => $sweetness]));
            foreach ($answer->after->cooked->weighed->lines as $line) {
                if ($line->line->id === 'more') {
                    self::assertGreaterThan(14.4, $line->grams);
                    self::assertLessThan(30.6, $line->grams);
                }
            }
        }
    }

    public function test_each_change_says_what_it_does(): void
    {
        $from = self::ketchup();
        $answer = Rebalance::of(
            $from,
            Sauce::catalogue(),
            Aims::ofFigures($from, ['sweetness' => 0.7 * $from->tasting->value(Measure::Sweetness)]),
        );
        $sugar = array_values(
            array_filter($answer->changes, static fn (LineChange $change): bool => $change->id === 'sugar'),
        )[0];

        self::assertLessThan($sugar->beforeG, $sugar->afterG);
        self::assertStringContainsString('sweetness down', Say::it($sugar->why));
    }

    public function test_what_is_there_already_is_left_alone(): void
    {
        $from = self::ketchup();
        $answer = Rebalance::of(
            $from,
            Sauce::catalogue(),
            Aims::ofFigures($from, ['sweetness' => $from->tasting->value(Measure::Sweetness)]),
        );

        self::assertSame([], $answer->changes);
        self::assertEquals($from->recipe, $answer->recipe);
    }

    public function test_why_it_cannot_go_further_names_the_line_that_is_locked(): void
    {
        $from = self::ketchup(
            null,
            [['id' => 'salt', 'ingredient' => 'fine-salt', 'amount' => '30 g', 'lock' => true]],
            ['base', 'vinegar', 'sugar'],
        );
        $answer = Rebalance::of($from, Sauce::catalogue(), Aims::ofFigures($from, ['saltiness' => 0.5]));

        self::assertFalse($answer->isReached);
        self::assertMatchesRegularExpression(
            '/^Saltiness stays [\d.]+ steps over: \d+ % of it comes from fine salt, and that line is locked\.$/',
            Say::it($answer->why),
        );

        $heat = Rebalance::of(self::ketchup(), Sauce::catalogue(), Aims::ofFigures(self::ketchup(), ['heat' => 900.0]));
        self::assertStringContainsString('nothing in the recipe brings any', Say::it($heat->why));
    }

    public function test_a_pinned_ratio_is_held(): void
    {
        $free = self::ketchup();
        $pin = $free->tasting->ratios[Ratio::SugarAcid->value]->value ?? 0.0;
        $from = self::ketchup(null, [], [], ['pins' => [['ratio' => 'sugar_acid', 'value' => $pin]]]);
        $ratio = static fn (Evaluation $at): float => $at->tasting->ratios[Ratio::SugarAcid->value]->value ?? 0.0;
        $aim = 1.3 * $free->tasting->value(Measure::Sweetness);

        self::assertEqualsWithDelta(
            $pin,
            $ratio(
                Rebalance::of(
                    $from,
                    Sauce::catalogue(),
                    Aims::ofFigures($from, [
                        'sweetness' => $aim,
                        'sourness' => 1.3 * $free->tasting->value(Measure::Sourness),
                    ]),
                )->after,
            ),
            0.05 * $pin,
        );
        $held = Rebalance::of($from, Sauce::catalogue(), Aims::ofFigures($from, ['sweetness' => $aim]));
        self::assertEqualsWithDelta($pin, $ratio($held->after), 0.06 * $pin);
    }

    public function test_other_answers_go_about_it_otherwise(): void
    {
        $from = Sauce::evaluate([
            'water' => '500 g',
            'sugar' => '80 g',
            'honey' => '80 g',
            'white-vinegar' => '100 g',
            'fine-salt' => '12 g',
        ]);
        $answers = Rebalance::answers($from, Sauce::catalogue(), Aims::ofFigures($from, ['sweetness' => 12.0]));
        $moved = array_map(
            static fn (Rebalanced $answer): array => array_map(
                static fn (LineChange $change): string => $change->id,
                $answer->changes,
            ),
            $answers,
        );

        self::assertGreaterThan(1, count($answers));
        self::assertNotSame($moved[0], $moved[1]);
        foreach ($answers as $answer) {
            self::assertTrue($answer->isReached);
        }
    }

    /**
     * @param list<array<string, mixed>> $more
     * @param list<string> $locked
     * @param array<string, mixed> $recipe
     */
    private static function ketchup(
        ?\Vinculum\Taste\Style $style = null,
        array $more = [],
        array $locked = [],
        array $recipe = [],
    ): Evaluation {
        $lines = [];
        foreach (
            [
                'base' => ['gooseberry', '1 kg'],
                'vinegar' => ['cider-vinegar', '120 g'],
                'sugar' => ['sugar', '200 g'],
                'miso' => ['white-miso', '1 tbsp'],
                'salt0' => ['fine-salt', '2 tsp'],
            ] as $id => [$ingredient, $amount]
        ) {
            $lines[] = [
                'id' => $id,
                'ingredient' => $ingredient,
                'amount' => $amount,
                'lock' => in_array($id, $locked, true),
            ];
        }

        return Sauce::evaluate(
            [...$lines, ...$more],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 30]]],
            $recipe,
            $style,
        );
    }

    public function test_no_line_is_touched_for_what_it_would_hardly_bring_nearer(): void
    {
        $pesto = Sauce::evaluate([
            'basil' => '80 g',
            'pine-nut' => '45 g',
            'hard-cheese' => '43 g',
            'garlic' => '8 g',
            'olive-oil' => '108 g',
            'fine-salt' => '3 g',
        ]);
        $sweeter = Aims::ofFigures($pesto, ['sweetness' => 1.3 * $pesto->tasting->value(Measure::Sweetness)]);
        foreach (Rebalance::answers($pesto, Sauce::catalogue(), $sweeter) as $answer) {
            self::assertFalse($answer->isReached);
            self::assertSame([], $answer->changes);
            self::assertSame(
                'Sweetness stays half a step short: 87 % of it comes from pine nuts, and nobody turns that to move '
                    .'a taste. Add a line that brings it.',
                Say::it($answer->why),
            );
        }
    }

    public function test_a_pin_that_does_not_hold_is_mended_though_no_taste_is_off(): void
    {
        $ratio = static fn (Evaluation $at): float => $at->tasting->ratios[Ratio::SugarAcid->value]->value ?? 0.0;
        $now = $ratio(self::ketchup());
        foreach ([1.0, 1.4] as $times) {
            $from = self::ketchup(null, [], [], ['pins' => [['ratio' => 'sugar_acid', 'value' => $times * $now]]]);
            $answer = Rebalance::of($from, Sauce::catalogue(), Aims::ofFigures($from, []));

            self::assertSame($times === 1.0, $answer->changes === [], "× {$times}");
            self::assertEqualsWithDelta($times, $ratio($answer->after) / $now, 0.06 * $times);
        }
    }
}
