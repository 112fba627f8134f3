<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Recipe\Jotted\Question;
use Vinculum\Recipe\Jotted\Span;
use Vinculum\Recipe\Recipe;

/** A recipe that came in, what was unsure of it, and what of it there is no place for here. */
final readonly class BroughtIn
{
    /**
     * @param list<Question> $questions
     * @param list<string> $lost
     * @param string $tongue a note is in, where it is none of ours
     * @param list<Span> $spans what became of each word of a note; none of what was no note
     */
    public function __construct(
        public Recipe $recipe,
        public array $questions = [],
        public array $lost = [],
        public array $spans = [],
        public string $tongue = '',
    ) {}
}
