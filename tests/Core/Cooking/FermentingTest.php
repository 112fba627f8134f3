<?php

declare(strict_types=1);

namespace Tests\Core\Cooking;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Constituent;

/** What a jar left to sour comes to. */
final class FermentingTest extends TestCase
{
    /**
     * Courses of published ferments, from memory: sauerkraut at 2.25 % and 18 °C in three to four weeks 3.4 to 3.6
     * (Pederson and Albury, New York State Agricultural Experiment Station Bulletin 824, 1969); cucumbers at 5 % in
     * two to three weeks 3.3 to 3.5; chilli mash at 3 to 8 % in two to four weeks 3.4 to 3.9; milk with yoghurt at 42
     * °C 4.4 to 4.6 in five to eight hours (Tamime and Robinson, Yoghurt, 1999).
     *
     * @return iterable<string, array{array<string, string>, float, float, float, float}> lines, days, °C, pH
     */
    public static function courses(): iterable
    {
        yield 'cabbage' => [['cabbage' => '1000 g', 'fine-salt' => '23 g'], 25.0, 18.0, 3.4, 3.6];
        yield 'cucumbers' => [['cucumber' => '600 g', 'water' => '400 g', 'fine-salt' => '50 g'], 18.0, 20.0, 3.3, 3.5];
        yield 'chilli mash' => [['red-chilli' => '500 g', 'fine-salt' => '20 g'], 21.0, 20.0, 3.4, 3.9];
        yield 'a salty chilli mash' => [['red-chilli' => '500 g', 'fine-salt' => '43 g'], 28.0, 20.0, 3.4, 3.9];
        yield 'milk with yoghurt' => [['milk' => '500 g', 'yoghurt' => '30 g'], 0.27, 42.0, 4.4, 4.6];
    }

    /** @param array<string, string> $lines */
    #[DataProvider('courses')]
    public function test_it_comes_to_the_published_ph(
        array $lines,
        float $days,
        float $celsius,
        float $from,
        float $to,
    ): void {
        $ph = self::left($lines, [$days], $celsius)->estimates->ph()?->value;

        self::assertGreaterThanOrEqual($from - 0.02, $ph);
        self::assertLessThanOrEqual($to + 0.02, $ph);
    }

    public function test_sugars_fall_as_acid_rises_and_nothing_is_lost(): void
    {
        $lines = ['red-chilli' => '500 g', 'garlic' => '20 g', 'fine-salt' => '13 g'];
        $before = Sauce::evaluate($lines)->cooked->mixture;
        $after = self::left($lines, [14.0])->cooked;

        self::assertEqualsWithDelta($before->mass(), $after->mixture->mass(), 1e-9);
        self::assertLessThan($before->sugars(), $after->mixture->sugars());
        self::assertGreaterThan($before->grams[Constituent::LACTIC], $after->mixture->grams[Constituent::LACTIC]);
        foreach ([Constituent::LACTIC, Constituent::GLUCOSE] as $of) {
            self::assertEqualsWithDelta(
                $after->mixture->grams[$of],
                array_sum(array_column($after->rows, $of)),
                1e-9,
                'the lines add up to the jar',
            );
        }
    }

    public function test_a_fortnight_in_two_goes_is_one(): void
    {
        $lines = ['cabbage' => '1000 g', 'fine-salt' => '23 g'];

        self::assertEqualsWithDelta(
            self::left($lines, [5.0])->estimates->ph()?->value,
            self::left($lines, [2.0, 3.0])->estimates->ph()?->value,
            1e-6,
        );
    }

    public function test_warmth_hurries_it_and_salt_slows_it(): void
    {
        $left = static fn (string $salt, float $celsius): Evaluation => self::left(
            ['cabbage' => '1000 g', 'fine-salt' => $salt],
            [3.0],
            $celsius,
        );
        $ph = static fn (string $salt, float $celsius): float => $left($salt, $celsius)->estimates->ph()->value ?? 9.9;

        self::assertLessThan($ph('23 g', 14.0), $ph('23 g', 24.0));
        self::assertLessThan($ph('70 g', 20.0), $ph('23 g', 20.0));
    }

    public function test_a_flame_takes_a_quarter_of_the_alcohol(): void
    {
        $in = Sauce::evaluate(['brandy' => '60 g'])->cooked->mixture->grams[Constituent::ETHANOL];
        $left = Sauce::evaluate(['brandy' => '60 g'], ['process' => ['kind' => 'flame', 'minutes' => 1]])->cooked;

        self::assertEqualsWithDelta(0.75 * $in, $left->mixture->grams[Constituent::ETHANOL], 1e-9);
    }

    /** "Five minutes up to the boil": not five minutes of boiling. */
    public function test_minutes_that_hold_the_heating_boil_off_less(): void
    {
        $left = static fn (array $more): float => Sauce::evaluate(
            ['water' => '500 g', 'sugar' => '60 g'],
            ['process' => ['kind' => 'boil', 'minutes' => 5] + $more],
        )->cooked->mixture->mass();

        self::assertGreaterThan($left([]) + 30, $left(['from_cold' => true]));
    }

    /**
     * @param array<string, string> $lines
     * @param list<float> $days
     */
    private static function left(array $lines, array $days, float $celsius = 20.0): Evaluation
    {
        $stages = array_map(
            static fn (float $each): array => [
                'lines' => [],
                'process' => ['kind' => 'ferment', 'minutes' => 1440 * $each, 'temperature_c' => $celsius],
            ],
            $days,
        );
        foreach ($lines as $ingredient => $amount) {
            $stages[0]['lines'][] = ['ingredient' => $ingredient, 'amount' => $amount];
        }

        return Evaluation::of(Sauce::of([], [], ['stages' => $stages]), Sauce::catalogue(), null);
    }
}
