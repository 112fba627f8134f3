<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Evaluation\Estimates;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\WeighedLine;

/** What a rule may ask of a sauce: what is in it, what was done to it, what is thought and what was measured of it. */
final class Facts
{
    /** Share of fat from which it is no mash; judgement. */
    private const NO_MASH = 0.1;

    /** Share of sugars from which nobody sours it; judgement. */
    private const SWEETEST = 0.4;

    /** Water activity under which botulism does not grow, with a margin for the estimate. */
    private const DRY_FOR_BOTULISM = 0.9;

    public readonly Treatment $treatment;

    private ?Figure $ph = null;

    private ?Figure $activity = null;

    private bool $isEstimated = false;

    /**
     * @param Figure|null $measuredPh what a calibrated meter said of this one batch; null where nobody measured
     * @param Figure|null $aboutPh what strips or an uncalibrated meter said: it can raise a caution and quiets none
     */
    private function __construct(
        public readonly CookedRecipe $cooked,
        public readonly string $kindOfSauce,
        public readonly ?Figure $measuredPh,
        public readonly ?Figure $aboutPh,
    ) {
        $this->treatment = new Treatment($cooked, $this->present());
    }

    public static function of(Evaluation $evaluation, ?Figure $measuredPh = null, ?Figure $aboutPh = null): self
    {
        $style = $evaluation->style;
        $names = [
            $evaluation->recipe->name,
            ...array_map(static fn ($stage): string => $stage->name, $evaluation->recipe->stages),
        ];

        return new self(
            $evaluation->cooked,
            mb_strtolower(implode(' ', [...$names, $style->name ?? '', ...$style->cues ?? []])),
            $measuredPh,
            $aboutPh,
        );
    }

    public function isEmpty(): bool
    {
        return $this->present() === [];
    }

    /** @return list<string> ids of lines whose name nobody knows */
    public function unknownLines(): array
    {
        return self::ids($this->unknown());
    }

    /** @return array<int, WeighedLine> the same lines, by place */
    public function unknown(): array
    {
        return array_filter(
            $this->cooked->weighed->lines,
            static fn (WeighedLine $line): bool => $line->ingredient === null && ! $line->line->leftOut,
        );
    }

    /**
     * The same, but for those whose name says that they are of an animal: crab meat is no plant.
     *
     * @return list<string>
     */
    public function unknownPlants(): array
    {
        $vocabulary = $this->cooked->weighed->vocabulary;
        $vegan = Diet::named('vegan', $vocabulary);

        return self::ids(array_filter(
            $this->unknown(),
            static fn (WeighedLine $line): bool => $vegan->verdictOnUnknown($line->line->ingredient, $vocabulary)
                !== 'against',
        ));
    }

    /**
     * Lines that are in it, whatever their amount: "to taste" is in it, and so is what nobody can read.
     *
     * @return array<int, WeighedLine> by place
     */
    public function present(): array
    {
        return array_filter(
            $this->cooked->weighed->lines,
            static fn (WeighedLine $line): bool => $line->ingredient !== null
                && ! $line->line->leftOut
                && ! $line->ingredient->is('refused'),
        );
    }

    /**
     * Ids of lines that have one of these traits.
     *
     * @return list<string>
     */
    public function having(string ...$traits): array
    {
        return self::ids(
            array_filter(
                $this->present(),
                static fn (WeighedLine $line): bool => array_intersect($traits, $line->ingredient->traits ?? []) !== [],
            ),
        );
    }

    /**
     * The same, of those that were never cooked.
     *
     * @return list<string>
     */
    public function rawHaving(string ...$traits): array
    {
        $raw = array_filter(
            $this->present(),
            fn (int $i): bool => ! $this->treatment->isCooked($i),
            ARRAY_FILTER_USE_KEY,
        );

        return self::ids(
            array_filter(
                $raw,
                static fn (WeighedLine $line): bool => array_intersect($traits, $line->ingredient->traits ?? []) !== [],
            ),
        );
    }

    /** Share of what went in that has a trait. */
    public function shareHaving(string $trait): float
    {
        return $this->shareOfLines(array_filter(
            $this->present(),
            static fn (WeighedLine $line): bool => $line->ingredient?->is($trait) === true,
        ));
    }

    /** Share of what went in that is of these kinds. */
    public function shareOfKind(string ...$kinds): float
    {
        return $this->shareOfLines(array_filter(
            $this->present(),
            static fn (WeighedLine $line): bool => $line->ingredient?->isOf(...$kinds) === true,
        ));
    }

    /** @param array<int, WeighedLine> $lines */
    public function shareOfLines(array $lines): float
    {
        return $this->shareOf(array_sum(array_map(static fn (WeighedLine $line): float => $line->grams, $lines)));
    }

    /** One bought thing, as it was bought: it keeps as its label says. */
    public function isBoughtAlone(): bool
    {
        $present = array_values($this->present());

        return count($present) === 1
            && $present[0]->ingredient?->is('bought') === true
            && $this->unknownLines() === []
            && ! $this->treatment->wasHeated();
    }

    /** Whether what it is called, or the style it is held against, has one of these words in it. */
    public function isCalled(string $pattern): bool
    {
        return preg_match("/\\b(?:{$pattern})/u", $this->kindOfSauce) === 1;
    }

    public function mass(): float
    {
        return $this->cooked->mixture->mass();
    }

    /** Fat, share of the sauce. */
    public function fat(): float
    {
        return $this->shareOf($this->cooked->mixture->grams[Constituent::FAT]);
    }

    /** Whether plants that are hardly sour were left to sour by themselves: a mash, a brine. */
    public function isLeftToSour(): bool
    {
        return $this->treatment->stoodToFerment()
            && $this->fat() <= self::NO_MASH
            && $this->having('low-acid-plant') !== [];
    }

    /** Sugars, share of the sauce. */
    public function sugars(): float
    {
        return $this->shareOf($this->cooked->mixture->sugars());
    }

    /** @return list<string> ids of dried plants that are wet again */
    public function soakedPlants(): array
    {
        return array_values(array_map(
            static fn (WeighedLine $line): string => $line->line->id,
            array_filter($this->present(), $this->treatment->isSoaked(...)),
        ));
    }

    /** Alcohol that went in, share of what did; what boils off was put in all the same. */
    public function alcoholPutIn(): float
    {
        $grams = 0.0;
        foreach ($this->present() as $line) {
            $grams += $line->grams * ($line->ingredient->perGram[Constituent::ETHANOL] ?? 0.0);
        }

        return $this->shareOf($grams);
    }

    /** Scoville heat units. */
    public function heat(): float
    {
        return 1e6
            * Constituent::SCOVILLE_PER_MG_KG
            * $this->shareOf($this->cooked->mixture->grams[Constituent::CAPSAICINOIDS]);
    }

    /** Estimated; null where there is too little water to have one. */
    public function ph(): ?Figure
    {
        $this->estimate();

        return $this->ph;
    }

    /** Estimated; null without water. */
    public function waterActivity(): ?Figure
    {
        $this->estimate();

        return $this->activity;
    }

    /**
     * Whether the cautious end of the pH is over the limit: what a meter said, or else what is estimated, which says
     * nothing while a line is not read.
     */
    public function isLowAcid(): bool
    {
        $ph = $this->measuredPh ?? ($this->unknownLines() === [] ? $this->ph() : null);

        return $ph === null ? $this->mass() > 0.0 : $ph->high() > Cautions::PH_LIMIT;
    }

    /** Whether it is so dry, or holds so much sugar or salt, that no toxin is made, at the cautious end. */
    public function isTooDryForToxin(): bool
    {
        $activity = $this->waterActivity();

        return $activity !== null
            && $activity->high() <= Cautions::ACTIVITY_LIMIT
            && $this->unknownLines() === [];
    }

    /**
     * Whether it holds so much sugar or salt that botulism does not grow, at the cautious end: it wants a water
     * activity of 0.935 (US FDA, Fish and Fishery Products Hazards and Controls, from memory), and an estimate is not
     * that fine.
     */
    public function isTooDryForBotulism(): bool
    {
        $activity = $this->waterActivity();

        return $activity !== null && $activity->high() <= self::DRY_FOR_BOTULISM && $this->unknownLines() === [];
    }

    /** Whether most of it is sugar: a syrup, a caramel. */
    public function isSweetest(): bool
    {
        return $this->sugars() > self::SWEETEST;
    }

    private function shareOf(float $grams): float
    {
        $mass = $this->mass();

        return $mass > 0.0 ? $grams / $mass : 0.0;
    }

    private function estimate(): void
    {
        if (! $this->isEstimated) {
            $estimates = new Estimates($this->cooked);
            $this->ph = $estimates->ph();
            $this->activity = $estimates->waterActivity();
            $this->isEstimated = true;
        }
    }

    /**
     * @param array<int, WeighedLine> $lines
     * @return list<string>
     */
    private static function ids(array $lines): array
    {
        return array_values(array_map(static fn (WeighedLine $line): string => $line->line->id, $lines));
    }

    /** Whether a line goes in whole. */
    public function isWhole(int $line): bool
    {
        return $this->cooked->weighed->lines[$line]->line->handling === Handling::Whole;
    }
}
