<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** Where a process stops: a share of the pot's mass lost, or what is left. */
final readonly class Until
{
    public const KEYS = ['loss_percent', 'mass_g', 'volume_ml'];

    /**
     * @param value-of<self::KEYS> $kind
     * @param float $value per cent of the pot when the process starts, grams left, or millilitres left
     */
    public function __construct(public string $kind, public float $value) {}

    /** The same end point for a batch of another size; a share stays what it is. */
    public function scaled(float $factor): self
    {
        return $this->kind === 'loss_percent' ? $this : new self($this->kind, $this->value * $factor);
    }
}
