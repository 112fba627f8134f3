<?php

declare(strict_types=1);

namespace Tests\Core\Solve;

use PHPUnit\Framework\TestCase;
use Tests\Support\Seed;
use Vinculum\Solve\Cholesky;

/** The factor, and what it solves. */
final class CholeskyTest extends TestCase
{
    public function test_a_matrix_by_hand(): void
    {
        // [[4, 2], [2, 3]] x = [10, 9] has x = [1.5, 2]
        self::assertEqualsWithDelta(
            [1.5, 2.0],
            Cholesky::of([[4.0, 2.0], [2.0, 3.0]], [0, 1], 0.0)->solve([10.0, 9.0]),
            1e-12,
        );
        // of one row of it: 3 x = 9
        self::assertEqualsWithDelta([3.0], Cholesky::of([[4.0, 2.0], [2.0, 3.0]], [1], 0.0)->solve([9.0]), 1e-12);
    }

    public function test_what_it_solves_multiplied_back_is_the_right_side(): void
    {
        mt_srand(Seed::of(7));
        for ($n = 1; $n <= 12; $n++) {
            $matrix = self::positive($n);
            $right = array_map(static fn (): float => mt_rand(-1000, 1000) / 100, range(1, $n));
            $x = Cholesky::of($matrix, range(0, $n - 1), 0.0)->solve($right);
            foreach ($matrix as $i => $row) {
                self::assertEqualsWithDelta(
                    $right[$i],
                    array_sum(array_map(static fn (float $m, float $v): float => $m * $v, $row, $x)),
                    1e-8,
                );
            }
        }
    }

    /** Whatever comes and goes, in whatever order, it solves what a factor made afresh of the same rows solves. */
    public function test_with_one_more_and_one_less_it_is_as_if_made_afresh(): void
    {
        mt_srand(Seed::of(11));
        for ($trial = 0; $trial < 40; $trial++) {
            $n = mt_rand(2, 14);
            $matrix = self::positive($n);
            $rows = array_values(array_filter(range(0, $n - 1), static fn (): bool => mt_rand(0, 1) === 1));
            $changing = Cholesky::of($matrix, $rows, 0.0);
            for ($step = 0; $step < 30; $step++) {
                $out = array_values(array_diff(range(0, $n - 1), $rows));
                if ($rows === [] || ($out !== [] && mt_rand(0, 1) === 1)) {
                    $one = $out[mt_rand(0, count($out) - 1)];
                    $changing->add($one);
                    $rows[] = $one;
                } else {
                    $one = $rows[mt_rand(0, count($rows) - 1)];
                    $changing->remove($one);
                    $rows = array_values(array_diff($rows, [$one]));
                }
                self::assertSame($rows, $changing->rows());
                $right = array_map(static fn (): float => mt_rand(-1000, 1000) / 100, $rows);
                self::assertEqualsWithDelta(
                    Cholesky::of($matrix, $rows, 0.0)->solve($right),
                    $changing->solve($right),
                    1e-7,
                );
            }
        }
    }

    public function test_what_is_not_in_it_cannot_be_taken_out(): void
    {
        $cholesky = Cholesky::of([[4.0, 2.0], [2.0, 3.0]], [0], 0.0);
        $cholesky->remove(1);

        self::assertSame([0], $cholesky->rows());
        self::assertEqualsWithDelta([2.0], $cholesky->solve([8.0]), 1e-12);
    }

    public function test_a_pivot_that_rounding_made_nothing_takes_no_root_of_less(): void
    {
        $x = Cholesky::of([[1.0, 1.0], [1.0, 1.0 - 1e-17]], [0, 1], 1e-12)->solve([1.0, 1.0]);

        self::assertFalse(is_nan($x[0]) || is_nan($x[1]));
        self::assertEqualsWithDelta(1.0, $x[0] + $x[1], 1e-6);
    }

    /** @return array<int, array<int, float>> */
    private static function positive(int $n): array
    {
        $a = array_map(
            static fn (): array => array_map(static fn (): float => mt_rand(-1000, 1000) / 1000, range(1, $n)),
            range(1, $n + 2),
        );
        $matrix = array_fill(0, $n, array_fill(0, $n, 0.0));
        foreach ($a as $row) {
            for ($i = 0; $i < $n; $i++) {
                for ($j = 0; $j < $n; $j++) {
                    $matrix[$i][$j] += $row[$i] * $row[$j] + ($i === $j ? 0.01 : 0.0);
                }
            }
        }

        return $matrix;
    }
}
