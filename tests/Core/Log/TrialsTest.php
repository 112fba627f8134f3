<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Seed;
use Vinculum\Log\Trials;

/** Several trials of one sauce in one table. */
final class TrialsTest extends TestCase
{
    private const SETS = 2000;

    public function test_what_differs_anywhere_stands_once_with_what_it_is_in_each(): void
    {
        $of = static fn (array $more, array $stage = []) => Sauce::evaluate(
            $more + ['plum' => '1 kg', 'sugar' => '200 g', 'fine-salt' => '8 g'],
            $stage,
        );
        $trials = Trials::of(
            [$of([]), $of(['sugar' => '150 g']), $of(['star-anise' => '2 g', 'sugar' => '150 g'])],
            [[], [], []],
        );

        $lines = array_column($trials->lines, 'amounts', 'name');
        self::assertCount(2, $lines);
        self::assertSame([['200 g', '150 g', '150 g'], ['–', '–', '2 g']], array_values($lines));
        self::assertSame(0.0, $trials->steps['sweetness'][0]);
        self::assertLessThan(0.0, $trials->steps['sweetness'][1]);
        self::assertNull($trials->best);
        self::assertSame([null, null, null], $trials->likings);
    }

    public function test_the_best_by_hand(): void
    {
        // likings 8, 8 and 6: variances 1/(1/2.25 + 2/1.44) = 6/11 and 1/(1/2.25 + 1/1.44) = 144/164 … about the mean
        // 22/3
        $made = Sauce::evaluate(['plum' => '1 kg']);
        $trials = Trials::of([$made, $made, $made], [[8, 8], [6], []]);
        [$v, $w] = [1 / (1 / 2.25 + 2 / 1.44), 1 / (1 / 2.25 + 1 / 1.44)];
        $z = ($v * (22 / 3 / 2.25 + 16 / 1.44) - $w * (22 / 3 / 2.25 + 6 / 1.44)) / sqrt($v + $w);

        self::assertSame(0, $trials->best);
        // the normal distribution below 1.105 is 0.8654 (any table)
        self::assertEqualsWithDelta(1.105, $z, 0.001);
        self::assertEqualsWithDelta(0.8654, $trials->sureness, 0.001);
        self::assertSame([8.0, 6.0, null], $trials->likings);
    }

    public function test_one_that_was_tasted_is_not_the_best_of_anything(): void
    {
        $made = Sauce::evaluate(['plum' => '1 kg']);
        self::assertNull(Trials::of([$made, $made], [[9], []])->best);
        self::assertSame(0.5, round(Trials::of([$made, $made], [[7], [7]])->sureness, 6));
    }

    /** Among simulated pairs of which it is nine parts in ten sure, nine in ten are so. */
    public function test_how_sure_it_is_is_how_often_it_is_right(): void
    {
        mt_srand(Seed::of(3));
        $made = Sauce::evaluate(['plum' => '1 kg']);
        $right = $sure = 0.0;
        for ($set = 0; $set < self::SETS; $set++) {
            $worth = [6 + 1.5 * self::normal(), 6 + 1.5 * self::normal()];
            $likings = array_map(
                static fn (float $is): array => array_map(
                    static fn (): int => (int) max(1, min(9, round($is + 1.2 * self::normal()))),
                    range(1, mt_rand(1, 4)),
                ),
                $worth,
            );
            $trials = Trials::of([$made, $made], $likings);
            $right += $worth[(int) $trials->best] >= max($worth) ? 1 : 0;
            $sure += $trials->sureness;
        }

        self::assertEqualsWithDelta($sure / self::SETS, $right / self::SETS, 0.03);
    }

    private static function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, mt_rand() / mt_getrandmax()))) * cos((2 * M_PI * mt_rand()) / mt_getrandmax());
    }
}
