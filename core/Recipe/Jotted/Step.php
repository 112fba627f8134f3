<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Until;

/** Something the method says is done, in its own words. */
final readonly class Step
{
    /**
     * @param string|null $heat low, medium or high
     * @param float $press share of what stays behind that is pressed out, 0 to 1
     * @param bool $takesAll what is left goes in now
     */
    public function __construct(
        public string $words,
        public ProcessKind $kind,
        public ?float $minutes = null,
        public ?Until $until = null,
        public ?string $heat = null,
        public ?bool $lid = null,
        public bool $strains = false,
        public float $press = 0.0,
        public bool $lifts = false,
        public bool $takesAll = false,
        public string $lookFor = '',
    ) {}

    /** Whether it is only brought to the boil, and something else is done to it there. */
    public function isOnlyBrought(): bool
    {
        return $this->kind === ProcessKind::Boil
            && $this->minutes === null
            && $this->until === null
            && ! $this->strains
            && ! $this->lifts;
    }

    /** A later step, with what was put in on the way to it. */
    public function thenOnly(self $later): self
    {
        return (new self($this->words, ProcessKind::None, takesAll: $this->takesAll))->and($later);
    }

    /** The same with what a later clause of it says. */
    public function and(self $later): self
    {
        // what is done there stands apart, so that what is lifted out is not looked for in it
        $between = preg_match('/[.;!]$/u', $this->words) === 1 ? ' ' : '; ';

        return new self(
            $this->words.$between.$later->words,
            $this->kind === ProcessKind::None ? $later->kind : $this->kind,
            $this->minutes ?? $later->minutes,
            $this->until ?? $later->until,
            $this->heat ?? $later->heat,
            $this->lid ?? $later->lid,
            $this->strains || $later->strains,
            max($this->press, $later->press),
            $this->lifts || $later->lifts,
            $this->takesAll || $later->takesAll,
            trim("{$this->lookFor} {$later->lookFor}"),
        );
    }
}
