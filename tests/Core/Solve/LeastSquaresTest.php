<?php

declare(strict_types=1);

namespace Tests\Core\Solve;

use PHPUnit\Framework\TestCase;
use Vinculum\Solve\LeastSquares;
use Vinculum\Solve\Stop;

/**
 * The optimiser on problems whose answer can be written down. SolverTest in the Reference suite holds it against
 * SciPy.
 */
final class LeastSquaresTest extends TestCase
{
    public function test_a_square_system_is_solved(): void
    {
        $answer = LeastSquares::solve([[2.0, 1.0], [1.0, 3.0]], [5.0, 10.0], [-INF, -INF], [INF, INF]);

        self::assertSame(Stop::Optimal, $answer->stop);
        self::assertEqualsWithDelta([1.0, 3.0], $answer->x, 1e-9);
    }

    public function test_a_bound_that_binds_is_met_to_the_last_digit_and_the_rest_makes_up_for_it(): void
    {
        $answer = LeastSquares::solve([[1.0, 1.0], [1.0, 0.0]], [3.0, 2.0], [0.0, 0.0], [0.7, 10.0]);

        self::assertSame(0.7, $answer->x[0]);
        self::assertEqualsWithDelta(2.3, $answer->x[1], 1e-9);
    }

    /**
     * Two components blended to a strength and a mass (the Pearson square): 40 % cream and 4 % milk to 100 g of 20 %.
     * The mass is
     * a row that weighs a thousand times the other.
     */
    public function test_the_pearson_square(): void
    {
        $answer = LeastSquares::solve([[0.4, 0.04], [1e3, 1e3]], [20.0, 1e5], [0.0, 0.0], [INF, INF]);

        self::assertEqualsWithDelta([(100 * 16) / 36, (100 * 20) / 36], $answer->x, 0.002);
    }

    public function test_without_rank_the_shortest_answer_comes_back(): void
    {
        $answer = LeastSquares::solve([[1.0, 1.0]], [4.0], [-10.0, -10.0], [10.0, 10.0]);

        self::assertEqualsWithDelta([2.0, 2.0], $answer->x, 1e-6);
    }

    public function test_what_cannot_be_says_so(): void
    {
        self::assertSame(Stop::Infeasible, LeastSquares::solve([[1.0]], [0.0], [2.0], [1.0])->stop);
        self::assertSame(INF, LeastSquares::solve([[1.0]], [0.0], [2.0], [1.0])->objective);
    }

    public function test_the_same_problem_has_the_same_answer(): void
    {
        $solve = static fn (): array => LeastSquares::solve(
            [[1.0, 2.0, 0.5], [0.3, -1.0, 2.0]],
            [1.0, 2.0],
            [0.0, 0.0, 0.0],
            [1.0, 1.0, 0.4],
        )->x;

        self::assertSame($solve(), $solve());
    }
}
