<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;
use Vinculum\Recipe\Problem;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\WeighedRecipe;

/** The finished sauce, with where every gram of it came from. */
final readonly class CookedRecipe
{
    /** A trace of alcohol is a trace: known to so much at the worst, half-width in ln; judgement. */
    private const ALCOHOL_AT_MOST = 1.5;

    /** @var array<int, float> d(mass) / d ln(amount), g, by what decides the amount */
    public array $massSlopes;

    /** @var array<int, float> half-widths in ln of what a thing is made of in general, by line */
    public array $certainties;

    /** Its acids and bases, of what is nearly dry as in a slurry; null of an empty pot. */
    public ?Acidity $slurry;

    /** @var array<int, float> d(pH of that) / d ln(amount), by what decides the amount; empty without one */
    public array $phSlopes;

    /** @var array<int, float> d(pH of that) / d ln(all that is in a line), by line; empty without one */
    public array $phByLine;

    /** @var array<int, float> share of the buffer that a line brings, by line; empty without a pH */
    public array $buffers;

    /** @var array<int, string> what each line is of, where one thing stands in several; else empty */
    private array $shared;

    /**
     * @param array<int, array<int, float>> $rows g of each constituent, by line; they add up to the mixture
     * @param array<int, array<int, float>> $tangents d(mixture) / d ln(amount), by deciding line, or by a number below
     *     0 for what else is not known exactly
     * @param array<int, float> $spreads half-widths in ln(amount) of the four-in-five interval, by the same
     * @param array<int, float|null> $simmered minutes each line has simmered; null where it never came to it
     * @param array<int, float> $alcoholFalls ln of what is left of the water that a line's alcohol was in, by line
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
        private array $alcoholFalls,
        public array $stages,
        public array $problems,
        public ?Acidity $acidity,
    ) {
        $this->massSlopes = array_map(Mixture::massOf(...), $tangents);
        $this->slurry = $slurry = $acidity ?? Acidity::ofSlurry($mixture->grams);
        $surplus = $slurry?->ownSurplusWeights() ?? [];
        $buffer = $slurry->buffer ?? 1.0;
        $this->phSlopes = $slurry === null ? [] : Mixture::sums($surplus, $tangents, $buffer);
        $this->phByLine = $slurry === null ? [] : Mixture::sums($surplus, $rows, $buffer);
        $this->buffers = $slurry === null ? [] : Mixture::sums($slurry->bufferWeights(), $rows, $buffer);
        $certainties = [];
        $things = [];
        foreach (array_keys($rows) as $line) {
            $ingredient = $weighed->lines[$line]->ingredient;
            $certainties[$line] = $ingredient?->certainty->general() ?? 0.0;
            $things[$line] = $ingredient->slug ?? '';
        }
        $this->certainties = $certainties;
        $this->shared = count(array_unique($things)) < count($things) ? $things : [];
    }

    /**
     * Variance of a figure from how well the amounts are known.
     *
     * @param array<int, float> $slopes d(figure) / d ln(amount), by what decides the amount
     */
    public function amountVariance(array $slopes): float
    {
        $variance = 0.0;
        foreach ($slopes as $source => $slope) {
            $each = $slope * $this->spreads[$source];
            $variance += $each * $each;
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
        if ($this->shared !== []) {
            $byThing = [];
            foreach ($halfWidths as $line => $halfWidth) {
                $thing = $this->shared[$line];
                $byThing[$thing] = ($byThing[$thing] ?? 0.0) + $halfWidth;
            }
            $halfWidths = $byThing;
        }
        $variance = 0.0;
        foreach ($halfWidths as $halfWidth) {
            $variance += $halfWidth * $halfWidth;
        }

        return $variance;
    }

    /** Whether it was left to sour by itself. */
    public function isFermented(): bool
    {
        foreach ($this->stages as $report) {
            if ($report->stage->process?->kind === ProcessKind::Ferment) {
                return true;
            }
        }

        return false;
    }

    /**
     * How well it is known what is left of the alcohol, half-width in ln: to ten points of what went in where the table
     * says it, and by how well the volatility is known where it left with the water.
     */
    public function alcoholSpread(): float
    {
        $all = $unsure = 0.0;
        foreach ($this->rows as $i => $row) {
            $left = $row[Constituent::ETHANOL];
            $minutes = $this->simmered[$i] ?? null;
            if ($left > 0.0) {
                $retained = Alcohol::retained($minutes);
                $falls = $this->alcoholFalls[$i] ?? 0.0;
                $all += $left;
                $unsure += $left * match (true) {
                    $minutes === null => 0.0,
                    $retained <= exp(Spirits::VOLATILITY * $falls) => Alcohol::POINTS / $retained,
                    default => -Spirits::VOLATILITY_SPREAD * $falls,
                };
            }
        }

        return $all > 0.0 ? min(self::ALCOHOL_AT_MOST, $unsure / $all) : 0.0;
    }

    /**
     * d(figure of the finished sauce) / d ln(amount), by what decides the amount.
     *
     * @param array<int, float> $gradient d(figure) for a gram more of each, by Constituent
     * @return array<int, float>
     */
    public function slopesBy(array $gradient): array
    {
        return Mixture::sums($gradient, $this->tangents);
    }
}
