<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Evaluation\Estimates;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\WeighedLine;

/** What a rule may ask of a sauce: what is in it, what was done to it, what is thought and what was measured of it. */
final class Facts
{
    /**
     * A dried plant is wet again with this much water to a gram of all that does not dissolve, which shares it;
     * judgement.
     */
    private const SOAKED = 0.5;

    private ?Figure $ph = null;

    private ?Figure $activity = null;

    private bool $isEstimated = false;

    /** @var array<int, bool>|null whether each line was cooked, from its stage on */
    private ?array $isCooked = null;

    /**
     * @param Figure|null $measuredPh what a calibrated meter said of this one batch; null where nobody measured
     * @param Figure|null $aboutPh what strips or an uncalibrated meter said: it can raise a caution and quiets none
     */
    private function __construct(
        public readonly CookedRecipe $cooked,
        public readonly string $kindOfSauce,
        public readonly ?Figure $measuredPh,
        public readonly ?Figure $aboutPh,
    ) {}

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
        $raw = array_filter($this->present(), fn (int $i): bool => ! $this->isCooked($i), ARRAY_FILTER_USE_KEY);

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
        $mass = $this->mass();
        $grams = array_sum(
            array_map(
                static fn (WeighedLine $line): float => $line->ingredient?->is($trait) === true ? $line->grams : 0.0,
                $this->present(),
            ),
        );

        return $mass > 0.0 ? $grams / $mass : 0.0;
    }

    /** Whether this line went through something that cooks, in its own stage or a later one. */
    public function isCooked(int $line): bool
    {
        return $this->whichAreCooked()[$line] ?? false;
    }

    /** Whether any of it was cooked: blended, soaked and warmed is not. */
    public function wasCooked(): bool
    {
        return in_array(true, array_intersect_key($this->whichAreCooked(), $this->present()), true);
    }

    /** One bought thing, as it was bought: it keeps as its label says. */
    public function isBoughtAlone(): bool
    {
        $present = array_values($this->present());

        return count($present) === 1
            && $present[0]->ingredient?->is('bought') === true
            && $this->unknownLines() === []
            && ! $this->wasCooked();
    }

    /** Minutes of one process, all stages together; null where there is none. */
    public function minutesOf(ProcessKind $kind): ?float
    {
        $minutes = null;
        foreach ($this->cooked->stages as $report) {
            if ($report->stage->process?->kind === $kind) {
                $minutes = ($minutes ?? 0.0) + ($report->stage->process->minutes ?? 0.0);
            }
        }

        return $minutes;
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

    /** Sugars, share of the sauce. */
    public function sugars(): float
    {
        return $this->shareOf($this->cooked->mixture->sugars());
    }

    /** Whether a line is a dried plant in pieces that lay in enough water to be wet again, after any stage. */
    public function isSoaked(WeighedLine $line): bool
    {
        if (! $this->isDriedPlant($line)) {
            return false;
        }
        $isIn = false;
        foreach ($this->cooked->stages as $report) {
            $isIn = $isIn || $report->stage === $line->stage;
            $pot = $report->sauce->grams;
            if ($isIn && $pot[Constituent::WATER] >= self::SOAKED * $pot[Constituent::INSOLUBLE]) {
                return true;
            }
        }

        return false;
    }

    /** Dried mushrooms, chillies and the like in pieces: no ground and no whole spice. */
    public function isDriedPlant(WeighedLine $line): bool
    {
        return $line->ingredient !== null
            && $line->ingredient->is('dry-plant')
            && ! $line->ingredient->is('ground')
            && ! $line->ingredient->is('whole');
    }

    /** @return list<string> ids of dried plants that are wet again */
    public function soakedPlants(): array
    {
        return array_values(array_map(
            static fn (WeighedLine $line): string => $line->line->id,
            array_filter($this->present(), $this->isSoaked(...)),
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

    /** @return array<int, bool> */
    private function whichAreCooked(): array
    {
        if ($this->isCooked === null) {
            $vocabulary = $this->cooked->weighed->vocabulary;
            $lastCooked = -1;
            $place = [];
            foreach ($this->cooked->weighed->recipe->stages as $number => $stage) {
                $place[$stage->id] = $number;
                $process = $stage->process;
                if ($process !== null && $vocabulary->cooks($process->kind->value) && $process->minutes !== 0.0) {
                    $lastCooked = $number;
                }
            }
            $this->isCooked = [];
            foreach ($this->cooked->weighed->lines as $i => $line) {
                $wasCookedBefore = $line->ingredient?->is('cooked') === true;
                $this->isCooked[$i] = $wasCookedBefore || $place[$line->stage->id] <= $lastCooked;
            }
        }

        return $this->isCooked;
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
