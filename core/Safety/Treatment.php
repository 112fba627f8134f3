<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\WeighedLine;

/** What was done to a sauce and to each of its lines, from its stage on: cooked, boiled, soaked, left to stand. */
final class Treatment
{
    /**
     * A dried plant is wet again with this much water to a gram of all that does not dissolve, which shares it;
     * judgement.
     */
    private const SOAKED = 0.5;

    /** Minutes at rest from which a salted mash is meant to ferment: two days. */
    private const FERMENTS_FROM = 2880.0;

    /** @var array<int, bool>|null whether each line was cooked, from its stage on */
    private ?array $isCooked = null;

    /** @param array<int, WeighedLine> $present lines that are in it, by place */
    public function __construct(private readonly CookedRecipe $cooked, private readonly array $present) {}

    /** Whether this line went through something that cooks, in its own stage or a later one. */
    public function isCooked(int $line): bool
    {
        return $this->whichAreCooked()[$line] ?? false;
    }

    /** Whether any of it was cooked: blended, soaked and warmed is not. */
    public function wasCooked(): bool
    {
        return in_array(true, array_intersect_key($this->whichAreCooked(), $this->present), true);
    }

    /** Whether anything was done to it that is hot, warming it among them. */
    public function wasHeated(): bool
    {
        foreach ($this->cooked->stages as $report) {
            $process = $report->stage->process;
            $isHot
                = $process?->kind === ProcessKind::Warm
                || ($process !== null && $this->cooked->weighed->vocabulary->cooks($process->kind->value));
            if ($isHot && $process->minutes !== 0.0) {
                return true;
            }
        }

        return false;
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

    /** Minutes at the boil or a simmer that a line went through, in its own stage and later ones. */
    public function minutesBoiled(int $line): float
    {
        $minutes = 0.0;
        $isIn = false;
        foreach ($this->cooked->stages as $report) {
            $isIn = $isIn || $report->stage === $this->cooked->weighed->lines[$line]->stage;
            $kind = $report->stage->process?->kind;
            if ($isIn && ($kind === ProcessKind::Boil || $kind === ProcessKind::Simmer)) {
                $minutes += $report->stage->process->minutes ?? $report->minutes ?? 0.0;
            }
        }

        return $minutes;
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

    /** Whether it stood so long, raw, that a salted mash or brine is meant to ferment. */
    public function stoodToFerment(): bool
    {
        return ! $this->wasCooked()
            && (($this->minutesOf(ProcessKind::Rest) ?? 0.0) >= self::FERMENTS_FROM
                || $this->minutesOf(ProcessKind::Ferment) !== null);
    }
}
