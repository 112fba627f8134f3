<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Pantry\Ingredient;

/** One thing to buy, or that there is enough of. */
final readonly class ShoppingLine
{
    /**
     * @param float $needGrams edible, for all the batches
     * @param float $boughtGrams as it is bought, with its peel, husk or stone
     * @param int|null $packs whole ones to buy; null where no pack is known
     * @param float|null $leftGrams of the packs, afterwards
     * @param float|null $cost of the packs to buy
     * @param float|null $usedCost of what goes into the pot, whoever bought it
     */
    public function __construct(
        public Ingredient $ingredient,
        public float $needGrams,
        public float $haveGrams,
        public float $boughtGrams,
        public ?int $packs,
        public string $pack,
        public ?float $leftGrams,
        public ?float $cost,
        public ?float $usedCost,
    ) {}
}
