<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** One process of a stage. Null is "not said". */
final readonly class Process
{
    /**
     * @param string|null $heat low, medium or high
     * @param array<string, mixed> $extra keys beginning "x-", kept untouched
     */
    public function __construct(
        public ProcessKind $kind,
        public ?string $heat = null,
        public ?float $minutes = null,
        public ?Until $until = null,
        public ?float $panCm = null,
        public ?bool $lid = null,
        public array $extra = [],
    ) {}

    /** The same, as far as there. */
    public function upTo(Until $until): self
    {
        return new self(
            $this->kind,
            $this->heat,
            $this->minutes,
            $until,
            $this->panCm,
            $this->lid,
            $this->extra,
        );
    }

    /** The same, for so many minutes. */
    public function during(float $minutes): self
    {
        return new self($this->kind, $this->heat, $minutes, $this->until, $this->panCm, $this->lid, $this->extra);
    }

    public function scaled(float $factor): self
    {
        return $this->until === null ? $this : $this->upTo($this->until->scaled($factor));
    }
}
