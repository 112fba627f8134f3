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

    /** The same, with its name taken otherwise. */
    public function called(Named $named): self
    {
        return new self($named, $this->amount, $this->questions, $this->optional, $this->note, $this->tie);
    }

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
     * @param bool $isFirst whether it is asked before the others
     */
    public function asking(string $about, string $ask, array $guesses, bool $isFirst = false): self
    {
        $question = [[$about, $ask, $guesses]];
        $questions = $isFirst ? [...$question, ...$this->questions] : [...$this->questions, ...$question];

        return new self($this->named, $this->amount, $questions, $this->optional, $this->note, $this->tie);
    }
}
