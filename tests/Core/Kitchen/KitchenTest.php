<?php

declare(strict_types=1);

namespace Tests\Core\Kitchen;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Mixture\Constituent;
use Vinculum\Taste\Measure;

final class KitchenTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, float>, float}> until, mass left of 500 g sugar and 1000 g water
     */
    public static function endPoints(): iterable
    {
        yield 'a share of the pot' => [['loss_percent' => 20], 1200.0];
        yield 'a mass' => [['mass_g' => 900], 900.0];
        // 500 g of sugar fill 500/1.5929 mL, so 750 mL leave 436.1 mL for water
        yield 'a volume' => [['volume_ml' => 750], 500 + 0.9982 * (750 - 500 / 1.5929)];
    }

    /**
     * @param array<string, float> $until
     */
    #[DataProvider('endPoints')]
    public function test_a_reduction_takes_water_and_nothing_else(array $until, float $left): void
    {
        $before = Sauce::evaluate(['sugar' => '500 g', 'water' => '1000 g'])->cooked;
        $after = Sauce::evaluate(['sugar' => '500 g', 'water' => '1000 g'], ['process' => ['kind' => 'simmer', 'until' => $until]])->cooked;

        self::assertEqualsWithDelta($left, $after->mixture->mass(), 1.0);
        self::assertEqualsWithDelta($after->stages[0]->massIn, $after->stages[0]->massOut + $after->stages[0]->boiledOff, 1e-9);
        foreach ($before->mixture->grams as $constituent => $grams) {
            if ($constituent !== Constituent::WATER) {
                self::assertEqualsWithDelta($grams, $after->mixture->grams[$constituent], 1e-12);
            }
        }
    }

    public function test_a_volume_is_reached_exactly(): void
    {
        $sauce = Sauce::evaluate(['sugar' => '500 g', 'water' => '1000 g'], ['process' => ['kind' => 'simmer', 'until' => ['volume_ml' => 750]]]);

        self::assertEqualsWithDelta(750.0, $sauce->volume()->value, 1e-9);
    }

    public function test_what_each_line_has_left_adds_up_to_the_pot(): void
    {
        $cooked = Sauce::evaluate(['gooseberry' => '1 kg', 'sugar' => '1 cup', 'cider-vinegar' => '1 cup'], ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 35]]])->cooked;
        foreach ($cooked->mixture->grams as $constituent => $grams) {
            self::assertEqualsWithDelta($grams, array_sum(array_column($cooked->rows, $constituent)), 1e-9);
        }
    }

    public function test_a_later_stage_is_added_to_what_the_earlier_left(): void
    {
        $recipe = Sauce::of([], [], ['stages' => [
            ['id' => 'one', 'lines' => [['ingredient' => 'water', 'amount' => '1 kg']], 'process' => ['kind' => 'boil', 'until' => ['loss_percent' => 50]]],
            ['id' => 'two', 'lines' => [['ingredient' => 'sugar', 'amount' => '100 g']]],
        ]]);
        $stages = \Vinculum\Taste\Evaluation::of($recipe, Sauce::catalogue(), null)->cooked->stages;

        self::assertEqualsWithDelta([1000.0, 500.0, 500.0], [$stages[0]->massIn, $stages[0]->boiledOff, $stages[0]->massOut], 1e-9);
        self::assertEqualsWithDelta([600.0, 0.0, 600.0], [$stages[1]->massIn, $stages[1]->boiledOff, $stages[1]->massOut], 1e-9);
    }

    /**
     * @return iterable<string, array{array<string, float>, string}>
     */
    public static function unreachable(): iterable
    {
        yield 'more than there is' => [['mass_g' => 2000], 'This stage cannot end at 2000 g: 1500 g go in, and without any water there would be 500 g.'];
        yield 'below the dry matter' => [['mass_g' => 100], 'without any water there would be 500 g'];
        yield 'a larger share than is water' => [['loss_percent' => 80], 'cannot lose 80 %: only 66 % of what is in the pot is water'];
        yield 'a volume below the dry matter' => [['volume_ml' => 100], 'cannot end at 100 ml'];
    }

    /**
     * @param array<string, float> $until
     */
    #[DataProvider('unreachable')]
    public function test_an_end_point_out_of_reach_is_answered_and_nothing_is_taken(array $until, string $words): void
    {
        $sauce = Sauce::evaluate(['sugar' => '500 g', 'water' => '1000 g'], ['process' => ['kind' => 'simmer', 'until' => $until]]);

        self::assertEqualsWithDelta(1500.0, $sauce->mass()->value, 1e-9);
        self::assertStringContainsString($words, $sauce->problems()[0]->text);
    }

    public function test_what_is_not_computed_yet_is_said(): void
    {
        $sauce = Sauce::evaluate([['id' => 'stick', 'ingredient' => 'cinnamon-stick', 'amount' => '1 stick', 'handling' => 'steeped', 'loss_percent' => 10]], ['process' => ['kind' => 'simmer', 'minutes' => 30]]);
        $at = array_map(static fn ($problem): string => $problem->at, array_filter($sauce->problems(), static fn ($problem): bool => $problem->code === 'not-computed-yet'));

        self::assertSame(['stage', 'stick', 'stick'], array_values($at));
    }

    public function test_an_empty_pot_has_nothing_and_breaks_nothing(): void
    {
        $sauce = Sauce::evaluate([], ['process' => ['kind' => 'boil', 'until' => ['loss_percent' => 10]]]);

        self::assertSame(0.0, $sauce->mass()->value);
        self::assertSame(0.0, $sauce->tasting->value(Measure::Sweetness));
        self::assertNull($sauce->density());
    }
}
