<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

/** Some words of a note and what became of them; every letter and digit of a note is in exactly one. */
final readonly class Span
{
    /**
     * @param int $from first character of the text, from 0
     * @param int $to the one behind its last
     * @param string $is title, yield, amount, name, preparation, step, relation, remark or question
     * @param string $line of the recipe; '' for none
     * @param string $stage of the recipe; '' for none
     */
    public function __construct(
        public int $from,
        public int $to,
        public string $is,
        public string $line = '',
        public string $stage = '',
    ) {}

    /** The same, behind so many more characters. */
    public function behind(int $characters): self
    {
        return new self($this->from + $characters, $this->to + $characters, $this->is, $this->line, $this->stage);
    }
}
