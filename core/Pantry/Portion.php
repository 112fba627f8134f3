<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/** A household measure an ingredient really comes in: one clove, a packed cup. */
final readonly class Portion
{
    /**
     * @param string $name singular ("clove"), or a unit with a preparation ("cup, packed")
     * @param float $grams edible grams of one; above 0
     * @param string $source where the mass comes from
     */
    public function __construct(public string $name, public float $grams, public string $source) {}
}
