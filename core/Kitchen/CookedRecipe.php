<?php

declare(strict_types=1);

namespace Vinculum\Kitchen;

use Vinculum\Mixture\Mixture;
use Vinculum\Recipe\Problem;
use Vinculum\Recipe\WeighedRecipe;

/** The finished sauce, with where every gram of it came from. */
final readonly class CookedRecipe
{
    /**
     * @param array<int, list<float>> $rows g of each constituent, by line; they add up to the mixture
     * @param array<int, array<int, float>> $tangents d(mixture) / d ln(amount), by deciding line
     * @param list<StageReport> $stages
     * @param list<Problem> $problems what the kitchen could not do, besides the recipe's own
     */
    public function __construct(
        public WeighedRecipe $weighed,
        public Mixture $mixture,
        public array $rows,
        public array $tangents,
        public array $stages,
        public array $problems,
    ) {}
}
