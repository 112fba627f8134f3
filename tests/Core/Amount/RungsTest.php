<?php

declare(strict_types=1);

namespace Tests\Core\Amount;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vinculum\Amount\AmountWriter;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Rungs;
use Vinculum\Amount\Unit;
use Vinculum\Amount\Units;
use Vinculum\Figure\Figure;

final class RungsTest extends TestCase
{
    /**
     * @return iterable<string, array{string, list<string>}> a unit, and its steps one after the other
     */
    public static function ladders(): iterable
    {
        yield 'cups go by quarters and thirds, then by halves' => [
            'cup',
            ['1/4', '1/3', '1/2', '2/3', '3/4', '1', '1 1/4'],
        ];
        yield 'large cups go by halves' => ['cup', ['4', '4 1/2', '5']];
        yield 'teaspoons begin with an eighth' => ['tsp', ['1/8', '1/4', '1/2', '3/4', '1', '1 1/4']];
        yield 'tablespoons go by halves' => ['tbsp', ['1/2', '1', '1 1/2']];
        yield 'grams grow with the amount' => ['g', ['19', '20', '25', '30']];
        yield 'hundreds of grams' => ['g', ['290', '300', '325']];
        yield 'tenths of a gram' => ['g', ['0.8', '0.9', '1', '1.5']];
        yield 'kilograms' => ['kg', ['0.95', '1', '1.1']];
        yield 'whole things go by halves at first' => ['each', ['2 1/2', '3', '4']];
    }

    /**
     * @param list<string> $steps
     */
    #[DataProvider('ladders')]
    public function test_steps_up_and_back_down(string $name, array $steps): void
    {
        $unit = self::unit($name);
        $numbers = array_map(static fn (string $text): float => self::number($text), $steps);
        foreach (array_keys($numbers) as $i) {
            self::assertSame($steps[$i], Rungs::text($numbers[$i], $unit));
            if ($i > 0) {
                self::assertEqualsWithDelta($numbers[$i], Rungs::next($numbers[$i - 1], $unit), 1e-6);
                self::assertEqualsWithDelta($numbers[$i - 1], Rungs::previous($numbers[$i], $unit), 1e-6);
            }
        }
    }

    #[DataProvider('numbers')]
    public function test_a_ladder_is_the_steps_one_after_the_other(string $name, float $number): void
    {
        $unit = self::unit($name);
        $down = [];
        for ($at = $number; count($down) < 6 && ($below = Rungs::previous($at, $unit)) < $at; $at = $below) {
            array_unshift($down, $below);
        }
        $up = [Rungs::next($number, $unit)];
        while (count($up) < 6) {
            $up[] = Rungs::next(end($up), $unit);
        }
        self::assertSame([$down, $up], Rungs::ladder($number, $unit, 6));
    }

    /**
     * @return iterable<string, array{string, float}> a unit, and a number on a step, between two, or where the steps
     * grow
     */
    public static function numbers(): iterable
    {
        foreach (['cup', 'tsp', 'tbsp', 'g', 'kg', 'each'] as $unit) {
            foreach ([0.03, 0.125, 0.5, 0.97, 1.0, 4.0, 7.3, 20.0, 100.0, 298.0, 1234.5] as $number) {
                yield "{$number} {$unit}" => [$unit, $number];
            }
        }
    }

    public function test_the_smallest_step_is_the_end(): void
    {
        self::assertSame(0.125, Rungs::previous(0.125, self::unit('tsp')));
    }

    public function test_every_number_rounds_to_a_step_within_half_a_step(): void
    {
        $unit = self::unit('cup');
        for ($number = 0.2; $number < 9; $number += 0.0137) {
            $near = Rungs::nearest($number, $unit);
            $gap = Rungs::next($near, $unit) - Rungs::previous($near, $unit);
            self::assertLessThanOrEqual($gap / 2 + 0.1, abs($near - $number));
        }
    }

    /**
     * @return iterable<string, array{float, string}> millilitres, text
     */
    public static function spoonfuls(): iterable
    {
        yield 'a cup and a quarter' => [295.7, '1 1/4 cup'];
        yield 'below a quarter cup it is tablespoons' => [44.4, '3 tbsp'];
        yield 'below a tablespoon it is teaspoons' => [7.4, '1 1/2 tsp'];
        yield 'next to nothing is an eighth of a teaspoon' => [0.3, '1/8 tsp'];
    }

    #[DataProvider('spoonfuls')]
    public function test_writes_what_a_spoon_can_measure(float $millilitres, string $text): void
    {
        self::assertSame($text, AmountWriter::spoons($millilitres, MeasuringSet::Us)[0]);
    }

    public function test_large_weights_stay_readable(): void
    {
        self::assertSame('250 g', AmountWriter::in(self::unit('kg'), 250.0, MeasuringSet::Us)[0]);
        self::assertSame('1.3 kg', AmountWriter::in(self::unit('kg'), 1250.0, MeasuringSet::Us)[0]);
        self::assertSame('12 kg', AmountWriter::in(self::unit('g'), 12_000.0, MeasuringSet::Us)[0]);
    }

    public function test_a_glug_of_14_g_is_perhaps_9_to_21(): void
    {
        $glug = new Figure(14.0, 0.4, 'g');

        self::assertSame([9.0, 21.0], [round($glug->low()), round($glug->high())]);
    }

    private static function unit(string $name): Unit
    {
        return Units::find($name, MeasuringSet::Us) ?? throw new \LogicException($name);
    }

    private static function number(string $text): float
    {
        $sum = 0.0;
        foreach (explode(' ', $text) as $part) {
            [$over, $under] = [...array_map(floatval(...), explode('/', $part)), 1.0];
            $sum += $over / $under;
        }

        return $sum;
    }

    /** @return iterable<string, array{float, string}> millilitres, and the two spoons they are */
    public static function twoSpoons(): iterable
    {
        yield 'less than a teaspoon, in two' => [3.1, '1/2 tsp + 1/8 tsp'];
        yield 'one is near enough' => [6.2, '1 1/4 tsp'];
        yield 'two teaspoons and a bit' => [11.0, '2 tsp + 1/4 tsp'];
        yield 'a tablespoon and a bit' => [18.0, '1 tbsp + 3/4 tsp'];
        yield 'a cup and spoons' => [100.0, '1/3 cup + 1 1/2 tbsp'];
        yield 'no fifteen teaspoons' => [70.0, '1/4 cup + 2 tsp'];
    }

    #[DataProvider('twoSpoons')]
    public function test_what_falls_between_two_spoons_is_one_of_each(float $millilitres, string $text): void
    {
        [$written, $size] = AmountWriter::together($millilitres, MeasuringSet::Us);

        self::assertSame($text, $written);
        self::assertEqualsWithDelta($millilitres, $size, 0.06 * $millilitres);
    }
}
