<?php

declare(strict_types=1);

namespace Vinculum\Plan;

use Vinculum\Batch\Making;
use Vinculum\Evaluation\Evaluation;

/** A sauce that is to be ready at a time, or as soon as may be. */
final readonly class Wanted
{
    /**
     * @param Evaluation $evaluation in the amounts of this making
     * @param float|null $ready minutes since 1970; null for as soon as may be
     */
    public function __construct(
        public Evaluation $evaluation,
        public ?float $ready,
        public Making $making = new Making,
    ) {}
}
