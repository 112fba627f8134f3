<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

use Vinculum\Amount\Amount;
use Vinculum\Pantry\Ingredient;

/** A line with its ingredient looked up and its amount in grams. */
final readonly class WeighedLine
{
    /**
     * @param float $grams that go into the pot; 0 where a problem or the maker leaves it out
     * @param float $spread half-width in ln(grams) of the four-in-five interval
     * @param int $source which line's amount decides this one: itself, or the line it is tied to
     */
    public function __construct(
        public Line $line,
        public Stage $stage,
        public ?Ingredient $ingredient,
        public ?Amount $amount,
        public float $grams,
        public float $spread,
        public int $source,
    ) {}
}
