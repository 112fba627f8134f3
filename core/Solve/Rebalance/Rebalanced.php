<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rebalance;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Recipe\Recipe;
use Vinculum\Solve\Aims;
use Vinculum\Solve\LineChange;

/** A recipe moved towards its aims, written down again, and what it comes to as written. */
final readonly class Rebalanced
{
    /**
     * @param bool $isReached whether every aim is met, as far as a tongue can tell
     * @param Sentence $why what stands in the way, or what moved
     * @param list<LineChange> $changes of the lines that move
     * @param array<int, float> $moves ln of each deciding line's factor
     */
    public function __construct(
        public bool $isReached,
        public Sentence $why,
        public array $changes,
        public Evaluation $before,
        public Evaluation $after,
        public Recipe $recipe,
        public Aims $aims,
        public array $moves,
    ) {}

    /** Sum of squares of the relative changes: the smaller, the nearer to what it was. */
    public function size(): float
    {
        return array_sum(array_map(static fn (float $move): float => $move * $move, $this->moves));
    }
}
