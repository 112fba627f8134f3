<?php

declare(strict_types=1);

namespace Vinculum\Solve;

/**
 * Cholesky's factor of some rows and columns of a symmetric, positive definite matrix, what it solves, and the same
 * with one row more or one less, which costs the square of their number and not its cube.
 *
 * After Golub and Van Loan, Matrix Computations (1996), sections 4.2 and 12.5, from memory.
 */
final class Cholesky
{
    /** @var array<int, array<int, float>> by rows, up to the diagonal */
    private array $factor = [];

    /** @var list<int> the rows of the matrix that are in it, in the factor's order */
    private array $rows = [];

    /**
     * @param array<int, array<int, float>> $matrix
     * @param float $least square of a pivot at the least, so that rounding takes no root of less than nothing
     */
    private function __construct(private readonly array $matrix, private readonly float $least) {}

    /**
     * @param array<int, array<int, float>> $matrix
     * @param list<int> $rows those of its rows and columns that count
     * @param float $least square of a pivot at the least
     */
    public static function of(array $matrix, array $rows, float $least): self
    {
        $cholesky = new self($matrix, $least);
        foreach ($rows as $row) {
            $cholesky->add($row);
        }

        return $cholesky;
    }

    /** @return list<int> the rows that count, in the order solve() has them */
    public function rows(): array
    {
        return $this->rows;
    }

    /** One row and column more, the last. */
    public function add(int $added): void
    {
        $row = [];
        $from = $this->matrix[$added];
        foreach ($this->rows as $s => $i) {
            $sum = $from[$i];
            $other = $this->factor[$s];
            for ($k = 0; $k < $s; $k++) {
                $sum -= $row[$k] * $other[$k];
            }
            $row[] = $sum / $other[$s];
        }
        $sum = $from[$added];
        foreach ($row as $value) {
            $sum -= $value * $value;
        }
        $row[] = sqrt(max($sum, $this->least));
        $this->factor[] = $row;
        $this->rows[] = $added;
    }

    /** One row and column less: what then stands beyond the diagonal is turned away, two columns at a time. */
    public function remove(int $removed): void
    {
        $place = array_search($removed, $this->rows, true);
        if ($place === false) {
            return;
        }
        array_splice($this->rows, $place, 1);
        array_splice($this->factor, $place, 1);
        $last = count($this->rows);
        for ($k = $place; $k < $last; $k++) {
            $beyond = $this->factor[$k][$k + 1];
            $length = hypot($this->factor[$k][$k], $beyond);
            $cos = $this->factor[$k][$k] / $length;
            $sin = $beyond / $length;
            for ($r = $k; $r < $last; $r++) {
                $row = &$this->factor[$r];
                [$left, $right] = [$row[$k], $row[$k + 1]];
                $row[$k] = $cos * $left + $sin * $right;
                $row[$k + 1] = $cos * $right - $sin * $left;
                unset($row);
            }
            array_pop($this->factor[$k]);
        }
    }

    /**
     * x of M x = right, in the order of the rows.
     *
     * @param array<int, float> $right
     * @return list<float>
     */
    public function solve(array $right): array
    {
        $n = count($right);
        foreach ($this->factor as $r => $row) {
            $sum = $right[$r];
            for ($k = 0; $k < $r; $k++) {
                $sum -= $row[$k] * $right[$k];
            }
            $right[$r] = $sum / $row[$r];
        }
        for ($r = $n - 1; $r >= 0; $r--) {
            $row = $this->factor[$r];
            $solved = $right[$r] / $row[$r];
            $right[$r] = $solved;
            for ($k = 0; $k < $r; $k++) {
                $right[$k] -= $row[$k] * $solved;
            }
        }

        return array_values($right);
    }
}
