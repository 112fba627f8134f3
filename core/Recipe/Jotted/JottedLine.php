<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

/** One ingredient of a jotted line, before it has an id. */
final readonly class JottedLine
{
    /**
     * @param string $amount as it will be read again; "to taste" where none is said
     * @param list<array{string, string, list<string>}> $questions about, what is asked, guesses
     * @param array{string, float}|null $tie to what, in words, and how many times it
     */
    public function __construct(
        public Named $named,
        public string $amount,
        public array $questions = [],
        public bool $optional = false,
        public string $note = '',
        public ?array $tie = null,
    ) {}

    /** The same, which may as well be left out. */
    public function left(): self
    {
        return new self($this->named, $this->amount, $this->questions, true, $this->note, $this->tie);
    }

    /**
     * The same, with one more question.
     *
     * @param string $about amount or ingredient
     * @param list<string> $guesses
     */
    public function asking(string $about, string $ask, array $guesses): self
    {
        $questions = [...$this->questions, [$about, $ask, $guesses]];

        return new self($this->named, $this->amount, $questions, $this->optional, $this->note, $this->tie);
    }
}
