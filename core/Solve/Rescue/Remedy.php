<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Recipe\Recipe;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;

/** One way to mend a pot, and what it comes to. */
final readonly class Remedy
{
    /**
     * @param list<Addition> $additions what goes into the pot
     * @param float $boilOff g of water to boil off afterwards
     * @param array<string, float> $steps left after it, by Feel value: 0 is as wanted, positive too much
     * @param Recipe $recipe with the remedy in its last stages, for as much as the recipe makes
     * @param Recipe|null $half with half of it, to stir and taste; null where it is mild
     * @param Sentence $note what else is to be said
     * @param list<Sentence> $cautions limits it moves towards
     * @param list<Sentence> $hands what the hands do, a step each; none where it is only stirred in
     */
    public function __construct(
        public array $additions,
        public float $boilOff,
        public float $potBefore,
        public float $potAfter,
        public array $steps,
        public Evaluation $after,
        public Recipe $recipe,
        public ?Recipe $half,
        public Sentence $note,
        public array $cautions,
        public array $hands = [],
    ) {}

    /** How much the pot grows: 0.2 is a fifth. */
    public function growth(): float
    {
        return $this->potBefore > 0.0 ? $this->potAfter / $this->potBefore - 1 : 0.0;
    }
}
