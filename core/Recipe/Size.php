<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** How much goes into the pot when lines are written in parts: grams or millilitres, one of them. */
final readonly class Size
{
    public function __construct(public ?float $massG, public ?float $volumeMl) {}

    public function scaled(float $factor): self
    {
        return new self(
            $this->massG === null ? null : $this->massG * $factor,
            $this->volumeMl === null ? null : $this->volumeMl * $factor,
        );
    }
}
