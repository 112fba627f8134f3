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

    public function scaled(float $factor): self
    {
        return new self(
            $this->kind,
            $this->heat,
            $this->minutes,
            $this->until?->scaled($factor),
            $this->panCm,
            $this->lid,
            $this->extra,
        );
    }
}
