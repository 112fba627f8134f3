<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * Random problems for the optimiser, the same ones every time, and the test of an optimum.
 *
 * @phpstan-type Problem array{list<list<float>>, list<float>, list<float>, list<float>}
 */
final class SolverProblems
{
    /**
     * @return list<Problem> A, b, low, high
     */
    public static function random(int $count): array
    {
        mt_srand(Seed::of(20261124));
        $problems = [];
        for ($p = 0; $p < $count; $p++) {
            $n = mt_rand(1, 40);
            $m = mt_rand(3, 60);
            $a = [];
            for ($r = 0; $r < $m; $r++) {
                $a[] = array_map(static fn (): float => mt_rand(0, 4) === 0 ? 0.0 : self::normal(), range(1, $n));
            }
            if ($p % 3 === 0 && $n > 2) {
                // a column again, one that is the sum of two, and an empty one
                foreach ($a as $r => $row) {
                    $a[$r][1] = $row[0];
                    $a[$r][$n - 1] = $p % 2 === 0 ? 0.0 : $row[0] + $row[(int) ($n / 2)];
                }
            }
            $b = array_map(static fn (): float => 5 * self::normal(), range(1, $m));
            $low = [];
            $high = [];
            for ($i = 0; $i < $n; $i++) {
                $low[] = $p % 4 === 3 ? 0.0 : -mt_rand(0, 100) / 100.0;
                $high[] = $low[$i] + (mt_rand(0, 9) === 0 ? 0.0 : mt_rand(1, 150) / 100.0);
            }
            $problems[] = [$a, $b, $low, $high];
        }

        return $problems;
    }

    /**
     * @param Problem $problem
     * @return array<string, mixed>
     */
    public static function forJson(array $problem): array
    {
        return array_combine(['a', 'b', 'low', 'high'], $problem);
    }

    /**
     * How far a point is from the conditions of Karush, Kuhn and Tucker: what is left of the gradient once each
     * variable at a
     * bound may push against it.
     *
     * @param list<float> $x
     * @param list<list<float>> $a
     * @param list<float> $b
     * @param list<float> $low
     * @param list<float> $high
     */
    public static function kktResidual(array $x, array $a, array $b, array $low, array $high): float
    {
        $gradient = array_fill(0, count($x), 0.0);
        foreach ($a as $r => $row) {
            $off = -$b[$r];
            foreach ($row as $i => $value) {
                $off += $value * $x[$i];
            }
            foreach ($row as $i => $value) {
                $gradient[$i] += $value * $off;
            }
        }
        $worst = 0.0;
        foreach ($gradient as $i => $slope) {
            $worst = max(
                $worst,
                match (true) {
                    $low[$i] === $high[$i] => 0.0,
                    $x[$i] <= $low[$i] => -$slope,
                    $x[$i] >= $high[$i] => $slope,
                    default => abs($slope),
                },
            );
        }

        return $worst;
    }

    private static function normal(): float
    {
        return sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_000)) * cos((2 * M_PI * mt_rand(0, 999_999)) / 1_000_000);
    }
}
