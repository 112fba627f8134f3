<?php

declare(strict_types=1);

namespace Vinculum\Solve;

/** What the optimiser found, and why it stopped. */
final readonly class Solution
{
    /**
     * @param list<float> $x within the bounds; where it is infeasible, only that
     * @param float $objective ½ ‖A x − b‖²; INF where it is infeasible
     */
    public function __construct(public Stop $stop, public array $x, public float $objective, public int $steps) {}
}
