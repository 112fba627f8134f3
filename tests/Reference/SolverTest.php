<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\TestCase;
use Tests\Support\SciPy;
use Tests\Support\SolverProblems;
use Vinculum\Solve\LeastSquares;
use Vinculum\Solve\Stop;

/**
 * The optimiser against SciPy (lsq_linear, Debian's python3-scipy) on random problems of our shape: bounds that bind,
 * columns that repeat or are empty.
 */
final class SolverTest extends TestCase
{
    private const PROBLEMS = 240;

    public function test_the_objective_is_no_worse_than_scipys_and_the_conditions_of_an_optimum_hold(): void
    {
        $problems = SolverProblems::random(self::PROBLEMS);
        $theirs = SciPy::run('solver.py', array_map(SolverProblems::forJson(...), $problems));
        $compared = 0;
        foreach ($problems as $i => [$a, $b, $low, $high]) {
            $ours = LeastSquares::solve($a, $b, $low, $high);
            self::assertSame(Stop::Optimal, $ours->stop, "problem {$i}");
            self::assertLessThan(1e-6, SolverProblems::kktResidual($ours->x, $a, $b, $low, $high), "problem {$i}");
            if (is_float($theirs[$i]) || is_int($theirs[$i])) {
                self::assertLessThanOrEqual(
                    $theirs[$i] + 1e-6 * max(1.0, $theirs[$i]),
                    $ours->objective,
                    "problem {$i}",
                );
                $compared++;
            }
        }

        self::assertGreaterThanOrEqual(200, $compared, 'SciPy itself found a feasible answer to these');
    }
}
