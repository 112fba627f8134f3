<?php

declare(strict_types=1);

namespace Vinculum\Solve;

/** Cholesky's factor of a symmetric, positive definite matrix, and what it solves. */
final readonly class Cholesky
{
    /** @param array<int, array<int, float>> $factor by rows, up to the diagonal */
    private function __construct(private array $factor) {}

    /**
     * @param array<int, array<int, float>> $matrix
     * @param list<int> $rows those of its rows and columns that count
     * @param float $least square of a pivot at the least, so that rounding takes no root of less than nothing
     */
    public static function of(array $matrix, array $rows, float $least): self
    {
        $factor = [];
        foreach ($rows as $r => $i) {
            $row = [];
            for ($s = 0; $s <= $r; $s++) {
                $sum = $matrix[$i][$rows[$s]];
                $other = $s === $r ? $row : $factor[$s];
                for ($k = 0; $k < $s; $k++) {
                    $sum -= $row[$k] * $other[$k];
                }
                $row[] = $s === $r ? sqrt(max($sum, $least)) : $sum / $other[$s];
            }
            $factor[] = $row;
        }

        return new self($factor);
    }

    /**
     * x of M x = right, in the order of the rows.
     *
     * @param array<int, float> $right
     * @return list<float>
     */
    public function solve(array $right): array
    {
        $factor = $this->factor;
        $n = count($right);
        for ($r = 0; $r < $n; $r++) {
            for ($k = 0; $k < $r; $k++) {
                $right[$r] -= $factor[$r][$k] * $right[$k];
            }
            $right[$r] /= $factor[$r][$r];
        }
        for ($r = $n - 1; $r >= 0; $r--) {
            for ($k = $r + 1; $k < $n; $k++) {
                $right[$r] -= $factor[$k][$r] * $right[$k];
            }
            $right[$r] /= $factor[$r][$r];
        }

        return array_values($right);
    }
}
