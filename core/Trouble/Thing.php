<?php

declare(strict_types=1);

namespace Vinculum\Trouble;

use Vinculum\Pantry\Ingredient;

/** One line in the pot, and what it has been through. */
final class Thing
{
    /** Hottest it has been, °C; 20 where it has not been heated. */
    public float $hottest = Moment::ROOM;

    /**
     * @param string $stage id of the stage it went in at
     */
    public function __construct(
        public readonly Ingredient $ingredient,
        public readonly float $grams,
        public readonly string $stage,
        public readonly bool $isLiftedOut,
    ) {}

    /** g of one constituent that it brought. */
    public function of(int $constituent): float
    {
        return $this->grams * $this->ingredient->perGram[$constituent];
    }
}
