<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Recipe\Recipe;
use Vinculum\Safety\Brings;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LineChange;

/** A stand-in for one line, weighed out so that the sauce stays what it was as far as it can, and what it comes to. */
final readonly class Substitution
{
    /**
     * @param non-empty-list<Addition> $with what goes in instead
     * @param list<LineChange> $compensations other lines that move
     * @param list<Addition> $added lines that are new besides
     * @param array<string, float> $steps by Feel value, from the sauce as it was; positive is more
     * @param list<string> $gained allergens
     * @param list<string> $lost allergens
     * @param list<Sentence> $notes what no amount can mend, and what else is to be said
     * @param list<Sentence> $cautions limits it moves towards
     * @param Sentence|null $handling where the thing swapped in is handled otherwise: what went in whole does not go in
     *     ground
     * @param float $distance how far it is from what it stands in for: small is near
     * @param int|null $usual its place among what a cook takes for it, 0 for the first; null where none does
     */
    public function __construct(
        public array $with,
        public array $compensations,
        public array $added,
        public array $steps,
        public array $gained,
        public array $lost,
        public array $notes,
        public array $cautions,
        public Brings $brings,
        public ?Sentence $handling,
        public float $distance,
        public ?int $usual,
        public Evaluation $after,
        public Recipe $recipe,
    ) {}
}
