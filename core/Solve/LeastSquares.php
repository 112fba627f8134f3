<?php

declare(strict_types=1);

namespace Vinculum\Solve;

/**
 * The one optimiser. It finds
 *
 *     minimise   f(x) = ½ ‖A x − b‖²
 *     subject to l ≤ x ≤ u
 *
 * A has m rows and n ≤ 60 columns, of any rank; bounds may be infinite; l ≤ u.
 *
 * *Scaling.* Columns of A are brought to length 1. A ridge of 1e-11 on the scaled columns makes the answer unique where
 * A lacks rank (the shortest one), and raises f by at most ½·1e-11·‖x‖² of the scaled x.
 *
 * *Method.* Primal active set. From a feasible point, minimise over the variables that are not at a bound, by
 * Cholesky's factors of AᵀA, updated as one comes or goes; go there, or as far as the first bound, which is then held.
 * Where nothing moves, let go of the held variable whose slope has the wrong sign most; where none has, the point is
 * optimal (the conditions of Karush, Kuhn and Tucker hold). f falls with every step that is not zero, so a set of held
 * bounds does not come back; from the 3n-th release on the first wrong one is let go and not the worst (Bland), which
 * ends cycles of zero steps.
 *
 * *It stops* as Optimal; as Infeasible where l > u, before anything is tried; or as Stopped after 20 n + 100 steps,
 * which no problem has been seen to need. The same input gives the same output.
 *
 * It knows nothing of its callers. After Björck, Numerical Methods for Least Squares Problems (1996), section 5.2, from
 * memory.
 */
final class LeastSquares
{
    private const RIDGE = 1e-11;

    /** A multiplier this far on the wrong side counts as wrong, in scaled columns and parts of the largest of Aᵀb. */
    private const WRONG = 1e-10;

    private int $n;

    /** @var array<int, array<int, float>> AᵀA of the scaled columns, with the ridge */
    private array $h;

    /** @var array<int, float> Aᵀb of the scaled columns */
    private array $q;

    private float $wrong;

    /** @var array<int, float> the length of each column */
    private array $scale;

    /** @var array<int, float> */
    private array $low;

    /** @var array<int, float> */
    private array $high;

    /** @var array<int, float> */
    private array $x;

    /** @var array<int, int> -1 held at the low bound, 1 at the high one, 0 free */
    private array $held;

    /**
     * @param array<int, array<int, float>> $a
     * @param array<int, float> $b
     */
    private function __construct(private readonly array $a, private readonly array $b) {}

    /**
     * @param array<int, array<int, float>> $a m rows of n
     * @param array<int, float> $b m
     * @param array<int, float> $low n, -INF for none
     * @param array<int, float> $high n, INF for none
     * @param array<int, float>|null $start where an answer is likely; it only saves steps
     */
    public static function solve(array $a, array $b, array $low, array $high, ?array $start = null): Solution
    {
        $problem = new self($a, $b);
        $problem->scale($low, $high);
        if (! $problem->begin($start)) {
            return new Solution(
                Stop::Infeasible,
                array_map(static fn (float $l, float $u): float => min(max(0.0, $l), max($l, $u)), $low, $high),
                INF,
                0,
            );
        }
        $steps = 0;
        $stop = $problem->descend($steps);
        $x = [];
        foreach ($problem->x as $i => $value) {
            // held variables are on their bounds to the last digit
            $x[] = match ($problem->held[$i]) {
                -1 => $low[$i],
                1 => $high[$i],
                default => min(max($value / $problem->scale[$i], $low[$i]), $high[$i]),
            };
        }

        return new Solution($stop, $x, $problem->objective($x), $steps);
    }

    /**
     * @param array<int, float> $low
     * @param array<int, float> $high
     */
    private function scale(array $low, array $high): void
    {
        $this->n = count($low);
        $this->scale = array_fill(0, $this->n, 0.0);
        foreach ($this->a as $row) {
            foreach ($row as $i => $value) {
                $this->scale[$i] += $value * $value;
            }
        }
        foreach ($this->scale as $i => $square) {
            $this->scale[$i] = $square > 0.0 ? sqrt($square) : 1.0;
        }
        // by columns, of what is not nought: what stands in few rows is met in few
        $columns = array_fill(0, $this->n, []);
        foreach ($this->a as $r => $row) {
            foreach ($row as $i => $value) {
                if ($value !== 0.0) {
                    $columns[$i][$r] = $value / $this->scale[$i];
                }
            }
        }
        $this->h = array_fill(0, $this->n, []);
        $this->q = [];
        foreach ($columns as $i => $column) {
            $sum = 0.0;
            foreach ($column as $r => $value) {
                $sum += $value * $this->b[$r];
            }
            $this->q[] = $sum;
            for ($j = 0; $j <= $i; $j++) {
                $other = $columns[$j];
                $sum = $i === $j ? self::RIDGE : 0.0;
                foreach ($column as $r => $value) {
                    $sum += $value * ($other[$r] ?? 0.0);
                }
                $this->h[$i][$j] = $sum;
                $this->h[$j][$i] = $sum;
            }
        }
        $this->wrong = self::WRONG * max(1.0, ...array_map(abs(...), $this->q));
        $this->low = array_map(static fn (float $bound, float $scale): float => $bound * $scale, $low, $this->scale);
        $this->high = array_map(static fn (float $bound, float $scale): float => $bound * $scale, $high, $this->scale);
    }

    /**
     * A feasible point to begin at: nearest to 0, or to where an answer is likely. False where there is none.
     *
     * @param array<int, float>|null $start
     */
    private function begin(?array $start): bool
    {
        foreach ($this->low as $i => $low) {
            if ($low > $this->high[$i]) {
                return false;
            }
        }
        $this->x = array_map(
            static fn (float $low, float $high): float => min(max(0.0, $low), $high),
            $this->low,
            $this->high,
        );
        foreach ($start ?? [] as $i => $value) {
            $this->x[$i] = min(max($value * $this->scale[$i], $this->low[$i]), $this->high[$i]);
        }
        $this->held = [];
        foreach ($this->x as $i => $value) {
            $this->held[] = $value <= $this->low[$i] ? -1 : ($value >= $this->high[$i] ? 1 : 0);
        }

        return true;
    }

    private function descend(int &$steps): Stop
    {
        $most = 20 * $this->n + 100;
        $releases = 0;
        $factors = Cholesky::of($this->h, array_keys($this->held, 0, true), self::RIDGE / 10);
        $gradient = $this->gradient();
        for ($steps = 1; $steps <= $most; $steps++) {
            $free = $factors->rows();
            $step = $factors->solve(array_map(static fn (int $i): float => -$gradient[$i], $free));
            [$share, $blocking, $side] = $this->asFarAs($free, $step);
            foreach ($free as $k => $i) {
                $moved = $share * $step[$k];
                if ($moved === 0.0) {
                    continue;
                }
                $this->x[$i] += $moved;
                // the matrix is symmetric: its row is its column
                foreach ($this->h[$i] as $j => $value) {
                    $gradient[$j] += $value * $moved;
                }
            }
            if ($blocking !== null) {
                $this->held[$blocking] = $side;
                $this->x[$blocking] = $side < 0 ? $this->low[$blocking] : $this->high[$blocking];
                $factors->remove($blocking);
                continue;
            }
            $wrong = $this->wronglyHeld($gradient, $releases >= 3 * $this->n);
            if ($wrong === null) {
                return Stop::Optimal;
            }
            $releases++;
            $this->held[$wrong] = 0;
            $factors->add($wrong);
        }

        return Stop::Stopped;
    }

    /** @return array<int, float> AᵀAx − Aᵀb at x */
    private function gradient(): array
    {
        $gradient = [];
        foreach ($this->h as $i => $row) {
            $sum = -$this->q[$i];
            foreach ($row as $j => $value) {
                $sum += $value * $this->x[$j];
            }
            $gradient[] = $sum;
        }

        return $gradient;
    }

    /**
     * How much of the step fits, and the bound it then meets.
     *
     * @param list<int> $free
     * @param array<int, float> $step
     * @return array{float, int|null, int}
     */
    private function asFarAs(array $free, array $step): array
    {
        $share = 1.0;
        $blocking = null;
        $side = 0;
        foreach ($free as $k => $i) {
            if ($step[$k] === 0.0) {
                continue;
            }
            $bound = $step[$k] < 0.0 ? $this->low[$i] : $this->high[$i];
            $fits = is_infinite($bound) ? INF : max(0.0, ($bound - $this->x[$i]) / $step[$k]);
            if ($fits < $share) {
                [$share, $blocking, $side] = [$fits, $i, $step[$k] < 0.0 ? -1 : 1];
            }
        }

        return [$share, $blocking, $side];
    }

    /**
     * The held variable that would lower f most if let go, or the first of them; null where none would.
     *
     * @param array<int, float> $gradient
     */
    private function wronglyHeld(array $gradient, bool $first): ?int
    {
        $worst = null;
        $most = $this->wrong;
        foreach ($this->held as $i => $side) {
            if ($side === 0 || $this->low[$i] === $this->high[$i]) {
                continue;
            }
            $pull = $side * $gradient[$i];
            if ($pull > $most) {
                [$worst, $most] = [$i, $pull];
                if ($first) {
                    break;
                }
            }
        }

        return $worst;
    }

    /** @param array<int, float> $x */
    private function objective(array $x): float
    {
        $objective = 0.0;
        foreach ($this->a as $r => $row) {
            $off = -$this->b[$r];
            foreach ($row as $i => $value) {
                $off += $value * $x[$i];
            }
            $objective += $off * $off;
        }

        return $objective / 2;
    }
}
