<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** One process of a stage. Null is "not said". */
final readonly class Process
{
    /**
     * @param string|null $heat low, medium or high
     * @param float|null $celsius how hot the pot gets, °C, where somebody says so
     * @param bool|null $fromCold true where the minutes hold the heating up
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
        public ?float $celsius = null,
        public ?bool $fromCold = null,
    ) {}

    /** The same, as far as there. */
    public function upTo(Until $until): self
    {
        return $this->ending($this->minutes, $until);
    }

    /** The same, for so many minutes. */
    public function during(float $minutes): self
    {
        return $this->ending($minutes, $this->until);
    }

    /** The same, ending otherwise: after so many minutes, or as far as there. */
    public function ending(?float $minutes, ?Until $until): self
    {
        return new self(
            $this->kind,
            $this->heat,
            $minutes,
            $until,
            $this->panCm,
            $this->lid,
            $this->extra,
            $this->celsius,
            $this->fromCold,
        );
    }

    public function scaled(float $factor): self
    {
        return $this->until === null ? $this : $this->upTo($this->until->scaled($factor));
    }
}
