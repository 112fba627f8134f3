<?php

declare(strict_types=1);

namespace Vinculum\Solve\Draft;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Recipe\Recipe;

/** A first recipe of a kind, with a reason for each line. */
final readonly class Drafted
{
    /**
     * @param array<string, Sentence> $reasons by line id
     * @param bool $isReached whether it lies in its style's bands
     * @param Sentence $why what stands in the way where it does not
     * @param list<Sentence> $notes what else is to be said of it
     * @param int $drafts how many there are that differ
     */
    public function __construct(
        public Recipe $recipe,
        public Evaluation $evaluation,
        public array $reasons,
        public bool $isReached,
        public Sentence $why,
        public array $notes,
        public int $drafts,
    ) {}
}
