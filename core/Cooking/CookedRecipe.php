<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Mixture;
use Vinculum\Recipe\Problem;
use Vinculum\Recipe\WeighedRecipe;

/** The finished sauce, with where every gram of it came from. */
final readonly class CookedRecipe
{
    /**
     * @param array<int, array<int, float>> $rows g of each constituent, by line; they add up to the mixture
     * @param array<int, array<int, float>> $tangents d(mixture) / d ln(amount), by deciding line, or by a number below
     *     0 for what else is not known exactly
     * @param array<int, float> $spreads half-widths in ln(amount) of the four-in-five interval, by the same
     * @param array<int, float|null> $simmered minutes each line has simmered; null where it never came to it
     * @param list<StageReport> $stages
     * @param list<Problem> $problems what the kitchen could not do, besides the recipe's own
     * @param Acidity|null $acidity null where there is too little water
     */
    public function __construct(
        public WeighedRecipe $weighed,
        public Mixture $mixture,
        public array $rows,
        public array $tangents,
        public array $spreads,
        public array $simmered,
        public array $stages,
        public array $problems,
        public ?Acidity $acidity,
    ) {}

    /**
     * Variance of a figure from how well the amounts are known.
     *
     * @param array<int, float> $slopes d(figure) / d ln(amount), by what decides the amount
     */
    public function amountVariance(array $slopes): float
    {
        $variance = 0.0;
        foreach ($slopes as $source => $slope) {
            $variance += ($slope * $this->spreads[$source]) ** 2;
        }

        return $variance;
    }

    /**
     * Variance of a figure from how well the compositions are known: one thing's is one unknown, however many lines it
     * stands in.
     *
     * @param array<int, float> $halfWidths of the figure, by line, signed as it would move
     */
    public function compositionVariance(array $halfWidths): float
    {
        $byThing = [];
        foreach ($halfWidths as $line => $halfWidth) {
            $slug = $this->weighed->lines[$line]->ingredient->slug ?? '';
            $byThing[$slug] = ($byThing[$slug] ?? 0.0) + $halfWidth;
        }
        $variance = 0.0;
        foreach ($byThing as $halfWidth) {
            $variance += $halfWidth * $halfWidth;
        }

        return $variance;
    }

    /**
     * d(linear figure of the finished sauce) / d ln(amount), by what decides the amount.
     *
     * @param callable(array<int, float>): float $linear
     * @return array<int, float>
     */
    public function slopesOf(callable $linear): array
    {
        return array_map($linear, $this->tangents);
    }
}
