<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Recipe\Recipe;
use Vinculum\Safety\Brings;
use Vinculum\Solve\Feel;

/** A whole recipe freed of something: one reviewable change. */
final readonly class FreedRecipe
{
    /**
     * @param list<FreedLine> $changes
     * @param list<array{line: string, why: Sentence}> $left lines that nothing in the pantry can stand in for
     * @param array<string, float> $steps by Feel value, from the sauce as it was
     * @param list<Sentence> $notes
     * @param list<Sentence> $cautions
     * @param list<string> $toCheck names of what is in it whose label is to be checked
     */
    public function __construct(
        public array $changes,
        public array $left,
        public array $steps,
        public array $notes,
        public array $cautions,
        public array $toCheck,
        public Brings $brings,
        public Evaluation $after,
        public Recipe $recipe,
    ) {}
}
