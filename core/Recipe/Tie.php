<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** This line follows another in a fixed ratio of masses. */
final readonly class Tie
{
    public function __construct(public string $line, public float $ratio) {}
}
