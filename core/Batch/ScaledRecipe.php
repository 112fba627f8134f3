<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Recipe\Recipe;
use Vinculum\Taste\Evaluation;

/** A recipe for another amount of sauce, in amounts that can be measured, with what the rounding does. */
final readonly class ScaledRecipe
{
    /**
     * @param list<ScaledLine> $lines
     * @param array<string, float> $driftSteps by Measure value: what rounding moved, in noticeable steps
     * @param array{count: int, volume_ml: float, fill_ml: float, full: int, left_ml: float}|null $containers null where none were asked for
     */
    public function __construct(
        public float $factor,
        public array $lines,
        public array $driftSteps,
        public Evaluation $evaluation,
        public ?array $containers,
        public Recipe $recipe,
    ) {}
}
