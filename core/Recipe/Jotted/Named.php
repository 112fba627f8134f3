<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Pantry\Ingredient;

/** What the words of a line were taken to mean. */
final readonly class Named
{
    /**
     * @param Ingredient|null $ingredient null where nobody knows it
     * @param string $words as they were written, of what nobody knows
     * @param string $preparation what is left of the words
     * @param list<string> $guesses slugs, best first; the ingredient is the first of them where it is only a guess
     * @param int $length of how many words its name is, of those that were written
     * @param string $like words whose likes are guesses too, looked for only where it is asked
     */
    public function __construct(
        public ?Ingredient $ingredient,
        public string $words,
        public string $preparation,
        public bool $isSure,
        public array $guesses = [],
        public string $like = '',
        public int $length = 1,
    ) {}

    /** The same thing, prepared as said. */
    public function prepared(string $preparation): self
    {
        return new self(
            $this->ingredient,
            $this->words,
            $preparation,
            $this->isSure,
            $this->guesses,
            $this->like,
            $this->length,
        );
    }

    public function slug(): string
    {
        return $this->ingredient->slug ?? mb_substr($this->words === '' ? 'something' : $this->words, 0, 120);
    }
}
