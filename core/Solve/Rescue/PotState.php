<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

/** What is really in the pot, beside what was planned, and how it was tasted. */
final readonly class PotState
{
    /**
     * @param float|null $grams in the pot; null for as much as planned
     * @param float $boiledFurther g of water boiled off beyond the plan
     * @param bool $isHot tasted hot, and to be eaten cold
     * @param string|null $beforeStage id of a stage whose reduction is still to come; null where it is finished
     * @param bool $isNameless nobody wrote a recipe for it: what it is made of here is only in its place
     */
    public function __construct(
        public ?float $grams = null,
        public float $boiledFurther = 0.0,
        public bool $isHot = false,
        public ?string $beforeStage = null,
        public bool $isNameless = false,
    ) {}
}
