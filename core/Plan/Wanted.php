<?php

declare(strict_types=1);

namespace Vinculum\Plan;

use Vinculum\Batch\Making;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Stove\Clock;

/** A sauce, or what it is for, that is to be ready at a time, or as soon as may be. */
final readonly class Wanted
{
    /**
     * @param Evaluation|null $evaluation in the amounts of this making; null for what is no sauce of ours
     * @param float|null $ready minutes since 1970; null for as soon as may be
     */
    private function __construct(
        public string $name,
        public ?Evaluation $evaluation,
        public ?float $ready,
        private Making $making,
        private ?Beside $beside,
    ) {}

    public static function sauce(Evaluation $evaluation, ?float $ready, Making $making = new Making): self
    {
        return new self($evaluation->recipe->name, $evaluation, $ready, $making, null);
    }

    public static function beside(Beside $beside, ?float $ready): self
    {
        return new self($beside->name, null, $ready, new Making, $beside);
    }

    /**
     * @param int $place its number among what is made
     * @return list<Task> in order
     */
    public function tasks(int $place, ?Clock $clock): array
    {
        return $this->evaluation === null
            ? $this->beside?->tasks($place) ?? []
            : Tasks::of($place, $this->evaluation, $this->making, $clock);
    }
}
