<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Solve\Feel;

/** Ways to mend a pot, best first. */
final readonly class Rescued
{
    /**
     * @param list<Remedy> $remedies
     * @param array<string, float> $before steps by Feel value, positive is too much
     * @param array<string, list<string>> $whyNot names of what is to hand and was passed over, by WhyNot value
     */
    public function __construct(
        public array $remedies,
        public array $before,
        public Evaluation $pot,
        public Sentence $note,
        public array $whyNot,
    ) {}

    /**
     * With others before it: what was said of one line.
     *
     * @param list<Remedy> $remedies
     */
    public function after(array $remedies): self
    {
        return new self([...$remedies, ...$this->remedies], $this->before, $this->pot, $this->note, $this->whyNot);
    }
}
