<?php

declare(strict_types=1);

namespace Vinculum\Solve;

use Vinculum\Pantry\Ingredient;

/** So much of an ingredient, as a spoon or scale measures it. */
final readonly class Addition
{
    public function __construct(public Ingredient $ingredient, public float $grams, public string $text) {}
}
