<?php

declare(strict_types=1);

namespace Tests\Core\Solve;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Seed;
use Vinculum\Solve\LeastSquares;
use Vinculum\Solve\Stop;

/** The optimality conditions, checked from the problem alone: no other solver is asked. */
final class KktTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 30) as $seed) {
            yield "problem {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_no_direction_that_is_allowed_leads_down(int $seed): void
    {
        [$a, $b, $low, $high] = self::problem($seed);
        $answer = LeastSquares::solve($a, $b, $low, $high);
        self::assertSame(Stop::Optimal, $answer->stop);
        $gradient = self::gradient($a, $b, $answer->x);
        foreach ($answer->x as $j => $x) {
            self::assertGreaterThanOrEqual($low[$j], $x);
            self::assertLessThanOrEqual($high[$j], $x);
            $scale = 1e-6 * (1 + abs($answer->objective));
            match (true) {
                $x <= $low[$j] => self::assertGreaterThanOrEqual(-$scale, $gradient[$j]),
                $x >= $high[$j] => self::assertLessThanOrEqual($scale, $gradient[$j]),
                default => self::assertEqualsWithDelta(0.0, $gradient[$j], $scale),
            };
        }
    }

    #[DataProvider('seeds')]
    public function test_a_warm_start_comes_to_the_same_place(int $seed): void
    {
        [$a, $b, $low, $high] = self::problem($seed);
        $cold = LeastSquares::solve($a, $b, $low, $high);
        $near = array_map(static fn (float $x): float => $x + 0.1, $cold->x);
        $warm = LeastSquares::solve($a, $b, $low, $high, start: $near);

        self::assertSame(Stop::Optimal, $warm->stop);
        self::assertEqualsWithDelta($cold->objective, $warm->objective, 1e-8 * (1 + $cold->objective));
    }

    public function test_no_random_point_within_the_bounds_does_better(): void
    {
        foreach (range(1, 10) as $seed) {
            [$a, $b, $low, $high] = self::problem($seed);
            $best = LeastSquares::solve($a, $b, $low, $high);
            for ($i = 0; $i < 200; $i++) {
                $x = array_map(
                    static fn (float $l, float $h): float => $l
                        + (mt_rand() / mt_getrandmax()) * (min($h, $l + 6.0) - $l),
                    $low,
                    $high,
                );
                self::assertGreaterThanOrEqual($best->objective - 1e-9, self::objective($a, $b, $x));
            }
            self::assertEqualsWithDelta(
                $best->objective,
                self::objective($a, $b, $best->x),
                1e-9 * (1 + $best->objective),
            );
        }
    }

    /** @return array{list<list<float>>, list<float>, list<float>, list<float>} */
    private static function problem(int $seed): array
    {
        mt_srand(Seed::of($seed));
        $n = mt_rand(1, 12);
        $m = mt_rand(1, 14);
        $any = static fn (): float => mt_rand(-1000, 1000) / 200;
        $a = [];
        for ($i = 0; $i < $m; $i++) {
            $a[] = array_map($any, range(1, $n));
        }
        $low = array_map(static fn (): float => mt_rand(-300, 0) / 100, range(1, $n));
        $high = array_map(static fn (float $l): float => mt_rand(0, 2) === 0 ? INF : $l + mt_rand(10, 400) / 100, $low);

        return [$a, array_map($any, range(1, $m)), $low, $high];
    }

    /**
     * @param list<list<float>> $a
     * @param list<float> $b
     * @param list<float> $x
     * @return list<float> Aᵀ(A x − b)
     */
    private static function gradient(array $a, array $b, array $x): array
    {
        $gradient = array_fill(0, count($x), 0.0);
        foreach ($a as $i => $row) {
            $off = array_sum(array_map(static fn (float $a, float $of): float => $a * $of, $row, $x)) - $b[$i];
            foreach ($row as $j => $each) {
                $gradient[$j] += $each * $off;
            }
        }

        return array_values($gradient);
    }

    /**
     * @param list<list<float>> $a
     * @param list<float> $b
     * @param list<float> $x
     */
    private static function objective(array $a, array $b, array $x): float
    {
        $sum = 0.0;
        foreach ($a as $i => $row) {
            $at = array_sum(array_map(static fn (float $each, float $of): float => $each * $of, $row, $x));
            $sum += ($at - $b[$i]) ** 2;
        }

        return $sum / 2;
    }
}
