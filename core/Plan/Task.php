<?php

declare(strict_types=1);

namespace Vinculum\Plan;

/** A stretch of work by hand, or of a pot alone, in the making of one sauce. */
final readonly class Task
{
    /**
     * @param int $sauce which of the sauces, from 0
     * @param list<string> $steps ids of the steps of core/Stove it is made of
     * @param string $kind hands, or that of the step the pot does alone
     * @param string $label what it is, in a few words
     * @param string|null $stage id of the recipe's stage; null where it is none's
     * @param float $minutes as long as it usually takes
     * @param 'ring'|'oven'|'grill'|null $place what it takes up
     * @param float|null $longestWait minutes that may pass before what follows; null for as long as one likes
     */
    public function __construct(
        public int $sauce,
        public array $steps,
        public string $kind,
        public string $label,
        public ?string $stage,
        public float $minutes,
        public bool $isHands,
        public ?string $place,
        public ?float $longestWait,
    ) {}
}
