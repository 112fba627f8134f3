<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Batch\Making;
use Vinculum\Cooking\Kitchen;
use Vinculum\Cooking\StageReport;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Until;
use Vinculum\Recipe\WeighedRecipe;
use Vinculum\Solve\Rescue\Rescue;
use Vinculum\Taste\Style;

/**
 * A recipe while it is being cooked: what was planned, what really went in, what is in the pot now, and what it will
 * come to.
 */
final class Cook
{
    /** Minutes that are no time. */
    private const A_MOMENT = 1e-6;

    /** Share of the pot that may be spilled: what is left is still a sauce. */
    private const MOST_SPILLED = 0.95;

    public readonly Evaluation $planned;

    public readonly Finish $finish;

    /** @var list<Step> */
    public readonly array $steps;

    public readonly Progress $progress;

    /** What it comes to when it goes on as planned from here. */
    public readonly Evaluation $done;

    /** What is in the pot; null while there is nothing. */
    public readonly ?Evaluation $now;

    /** The same recipe with what has been done of the present stage and what is left of it as two. */
    public readonly Recipe $fromHere;

    /** Id of the stage of it whose boiling down is still to come; null where none is. */
    public readonly ?string $stillToCome;

    /** @var array<string, Followed> by stage id: what is boiling down, and what has */
    public readonly array $followed;

    public readonly float $minute;

    /**
     * @param Recipe $plan in the amounts of this batch
     * @param list<Event> $events
     */
    private function __construct(
        Recipe $plan,
        array $events,
        float $beganAt,
        float $speed,
        float $now,
        private readonly Catalogue $catalogue,
        private readonly ?Style $style,
        private readonly Clock $clock,
        Making $making,
        private readonly ?SimulatedPot $truth,
    ) {
        $this->planned = Evaluation::of($plan, $catalogue, $style);
        $this->finish = Finish::of($this->planned, $making);
        $this->steps = Steps::of($this->planned, $this->finish, $clock);
        $this->progress = Progress::of($this->steps, $events, $beganAt, $speed);
        $this->minute = $this->progress->minute($now);
        $actual = $this->whatWentIn($plan);
        if ($truth !== null) {
            $actual = $truth->really($actual, WeighedRecipe::of($actual, $catalogue));
        }
        [$this->done, $this->now, $this->fromHere, $this->stillToCome, $this->followed] = $this->walk($actual);
    }

    /**
     * @param Recipe $plan in the amounts of this batch
     * @param list<Event> $events every one, in order
     * @param float $beganAt seconds since 1970
     * @param float $speed minutes of the pot in one of the clock
     * @param float $now seconds since 1970
     * @param Clock|null $clock what this household is known to take; null where nothing is
     * @param Making|null $making what becomes of it; null for as it is usual
     * @param SimulatedPot|null $truth how a simulated pot really is, to see that; null for what is known of it
     */
    public static function of(
        Recipe $plan,
        array $events,
        float $beganAt,
        float $speed,
        float $now,
        Catalogue $catalogue,
        ?Style $style,
        ?Clock $clock = null,
        ?Making $making = null,
        ?SimulatedPot $truth = null,
    ): self {
        return new self(
            $plan,
            $events,
            $beganAt,
            $speed,
            $now,
            $catalogue,
            $style,
            $clock ?? new Clock,
            $making ?? new Making,
            $truth,
        );
    }

    /** Where it is. */
    public function step(): Step
    {
        foreach ($this->steps as $step) {
            if ($step->id === $this->progress->step) {
                return $step;
            }
        }
        throw new \LogicException('A cook is at no step of its own.');
    }

    /** What is boiling down at this moment. */
    public function reducing(): ?Followed
    {
        $step = $this->step();

        return $step->kind === StepKind::Heat ? ($this->followed[$step->stage->stage->id ?? ''] ?? null) : null;
    }

    /** The minute the present step ends, as far as anybody knows; null for work that ends when it is done. */
    public function ends(): ?Figure
    {
        $step = $this->step();
        $began = $this->progress->began[$step->id] ?? 0.0;
        $followed = $this->reducing();
        if ($followed !== null) {
            if ($followed->clock !== null) {
                return new Figure($followed->clock, 0.0, 'min');
            }
            $more = $followed->more($this->minute);

            return Figure::even($this->minute + $more->value, $more->high() - $more->value, 'min');
        }

        return $step->isHands ? null : new Figure($began + $step->minutes->value, 0.0, 'min');
    }

    /** What makes up for what boiled off too far. */
    public function thinsWith(): Ingredient
    {
        return $this->catalogue->plainFor('water') ?? throw new \LogicException('The pantry has no water.');
    }

    /** Whether what is in the pot is hot. */
    public function isHot(): bool
    {
        $isHot = false;
        foreach ($this->steps as $step) {
            if (! isset($this->progress->began[$step->id])) {
                break;
            }
            $isHot = match ($step->kind) {
                StepKind::Heat => true,
                StepKind::Cool, StepKind::Rest => false,
                StepKind::Wait => $isHot && $step->minutes->value < UsualMinutes::COLD_AFTER,
                default => $isHot,
            };
        }

        return $isHot;
    }

    /** Whether a line is in the pot by now. */
    public function isIn(string $line): bool
    {
        if (str_starts_with($line, 'stirred-') || isset($this->progress->wentIn[$line])) {
            return true;
        }
        foreach ($this->steps as $step) {
            if ($step->kind === StepKind::Add && in_array($line, $step->lines, true)) {
                return isset($this->progress->ended[$step->id])
                    || ($step->id === $this->progress->step && ($this->progress->ticked[$line] ?? false));
            }
        }

        return false;
    }

    private function whatWentIn(Recipe $plan): Recipe
    {
        $stages = [];
        foreach ($plan->stages as $stage) {
            $lines = [];
            foreach ($stage->lines as $line) {
                $event = $this->progress->wentIn[$line->id] ?? null;
                if ($event === null) {
                    $lines[] = $line;
                    continue;
                }
                $lines[] = new Line(
                    $line->id,
                    $event->text('ingredient') !== '' ? $event->text('ingredient') : $line->ingredient,
                    $event->text('amount') !== '' ? $event->text('amount') : (
                        $line->amount ?? $this->inGrams($line->id)
                    ),
                    $event->text('ingredient') !== '' ? null : $line->prep,
                    // a burst chilli gives all it has
                    $event->isTrue('burst') ? Handling::In : $line->handling,
                    $line->extent,
                    $line->lossPercent,
                    leftOut: $event->isTrue('left_out'),
                    note: $line->note,
                    extra: $line->extra,
                );
            }
            $stages[] = $stage->withLines($lines);
        }

        return $this->lessWhatWasSpilled($plan->withStages($stages));
    }

    /** Every line that was in the pot then, by the share that is gone. */
    private function lessWhatWasSpilled(Recipe $recipe): Recipe
    {
        foreach ($this->progress->added as $event) {
            if ($event->kind !== 'spilled') {
                continue;
            }
            $minute = $this->progress->minute($event->at);
            $weighed = WeighedRecipe::of($recipe, $this->catalogue);
            $amounts = [];
            foreach ($weighed->lines as $line) {
                if ($line->grams > 0.0 && $this->wentInBefore($line->line->id, $minute)) {
                    $left = $line->grams * (1 - min(self::MOST_SPILLED, $event->number('share') ?? 0.0));
                    $amounts[$line->line->id] = LineWriter::weighed($left, $recipe->kitchenware());
                }
            }
            $recipe = $recipe->withAmounts($amounts);
        }

        return $recipe;
    }

    private function wentInBefore(string $line, float $minute): bool
    {
        foreach ($this->steps as $step) {
            if ($step->kind === StepKind::Add && in_array($line, $step->lines, true)) {
                return ($this->progress->began[$step->id] ?? INF) <= $minute;
            }
        }

        return false;
    }

    /** A tied line that goes its own way weighs what it was planned at. */
    private function inGrams(string $id): string
    {
        foreach ($this->planned->cooked->weighed->lines as $line) {
            if ($line->line->id === $id) {
                return LineWriter::weighed($line->grams, $this->planned->recipe->kitchenware());
            }
        }

        return '';
    }

    /**
     * Stage by stage: what is over is as it went, what goes on is as far as it is, what is to come is as planned.
     *
     * @return array{Evaluation, Evaluation|null, Recipe, string|null, array<string, Followed>}
     */
    private function walk(Recipe $actual): array
    {
        $step = $this->step();
        $at = $this->placeOf($step, count($actual->stages));
        $done = $now = $fromHere = [];
        $followed = [];
        $stillToCome = null;
        [$within, $after] = $this->additions($actual);
        foreach ($actual->stages as $i => $stage) {
            $all = $stage->withLines([...$stage->lines, ...array_column($within[$stage->id] ?? [], 'line')]);
            $isHere = $i === $at;
            $heats = $this->heatStep($stage->id);
            $began = $heats === null ? null : ($this->progress->began[$heats->id] ?? null);
            $isOver = $i < $at || ($isHere && $heats !== null && isset($this->progress->ended[$heats->id]));
            if ($heats?->isReduction === true && $began !== null && $stage->process !== null) {
                $follow = $this->follow($actual, $done, $stage, $heats, $began, $within[$stage->id] ?? []);
                $followed[$stage->id] = $follow;
                $ended = $this->progress->ended[$heats->id] ?? $this->minute;
                $was = $follow->at($ended);
                // who took it off by eye is believed, unless the clock says it can hardly have been there
                $isKnown = $follow->points !== []
                    || $this->truth !== null
                    || ($isOver && abs($was->value - $follow->stop) > $was->spread);
                $goesTo = match (true) {
                    $isOver && $isKnown => $was->value,
                    $isOver || $follow->clock === null => $follow->stop,
                    default => $follow->at($follow->clock)->value,
                };
                // nothing weighed and nothing stirred in: it goes as far as the recipe says, as surely as that is known
                $isAsPlanned = ! $isKnown && $follow->puts === [];
                $all = $isAsPlanned ? $all : $all->processed($stage->process->upTo(self::downTo($goesTo)));
                $most = $follow->massIn + array_sum(array_column($follow->puts, 'grams'));
                $sofar = $isOver ? $all : $all->processed($stage->process->upTo(self::downTo(min($was->value, $most))));
            } else {
                $sofar = $all;
            }
            $done[] = $all;
            if ($i < $at) {
                $now[] = $all;
                $fromHere[] = $all;
            } elseif ($isHere) {
                $now[] = $this->asFarAsItIs($sofar, $step, $isOver);
                if ($heats?->isReduction === true && ! $isOver) {
                    $soFar = $began !== null ? $sofar : $all->processed(null);
                    $rest = "{$stage->id}-rest";
                    $fromHere[] = $soFar->unstrained();
                    $fromHere[] = $all->withLines([])->called($rest);
                    $stillToCome = $rest;
                } else {
                    $fromHere[] = $all;
                }
            } else {
                $fromHere[] = $all;
                if ($stillToCome === null && $this->heatStep($stage->id)?->isReduction === true) {
                    $stillToCome = $stage->id;
                }
            }
            foreach ($after[$stage->id] ?? [] as $stirred) {
                $done[] = $stirred;
                $fromHere[] = $stirred;
                if ($i <= $at) {
                    $now[] = $stirred;
                }
            }
        }
        $pot = $at < 0 ? null : Evaluation::of($actual->withStages($now), $this->catalogue, $this->style);

        return [
            Evaluation::of($actual->withStages($done), $this->catalogue, $this->style),
            $pot === null || $pot->cooked->mixture->mass() <= 0.0 ? null : $pot,
            $actual->withStages($fromHere),
            $stillToCome,
            $followed,
        ];
    }

    /** How many stages are behind it: −1 before anything goes in, the number of stages when all are done. */
    private function placeOf(Step $step, int $stages): int
    {
        if ($step->stage === null) {
            return in_array($step->kind, [StepKind::Gather, StepKind::Prepare], true) ? -1 : $stages;
        }
        foreach ($this->planned->recipe->stages as $i => $stage) {
            if ($stage->id === $step->stage->stage->id) {
                return $i;
            }
        }

        return $stages;
    }

    private function heatStep(string $stage): ?Step
    {
        foreach ($this->steps as $step) {
            if ($step->stage?->stage->id === $stage && $step->kind === StepKind::Heat) {
                return $step;
            }
        }

        return null;
    }

    /** The present stage with what is done of it. */
    private function asFarAsItIs(Stage $stage, Step $step, bool $heatIsOver): Stage
    {
        return match ($step->kind) {
            StepKind::Add => $stage->processed(null)->unstrained()->withLines(array_values(array_filter(
                $stage->lines,
                fn (Line $line): bool => (
                    $this->progress->ticked[$line->id] ?? false
                ) || str_starts_with($line->id, 'stirred-'),
            ))),
            StepKind::Heat, StepKind::Wait, StepKind::Blend, StepKind::Strain => $stage->unstrained(),
            default => $stage,
        };
    }

    /**
     * What was stirred in besides, by the stage it went into, and stages of their own behind those that were over.
     *
     * @return array{
     *     array<string, list<array{line: Line, minute: float, putsBack: bool}>>,
     *     array<string, list<Stage>>,
     * }
     */
    private function additions(Recipe $actual): array
    {
        $within = $after = [];
        $last = $actual->stages[count($actual->stages) - 1]->id ?? '';
        foreach ($this->progress->added as $event) {
            if ($event->kind !== 'added') {
                continue;
            }
            $minute = $this->progress->minute($event->at);
            $during = $this->progress->during($this->steps, $minute);
            $line = new Line("stirred-{$event->id}", $event->text('ingredient'), $event->text('amount'));
            $isWithin = in_array(
                $during?->kind,
                [StepKind::Add, StepKind::Heat, StepKind::Wait, StepKind::Blend],
                true,
            );
            $stage = $during->stage->stage->id ?? $last;
            if ($isWithin) {
                $within[$stage][] = [
                    'line' => $line,
                    'minute' => $minute,
                    'putsBack' => $event->isTrue('puts_back'),
                ];
            } else {
                $after[$stage][] = new Stage(
                    "stirred-in-{$event->id}",
                    'To taste',
                    [$line],
                    extra: [Rescue::TO_TASTE => true],
                );
            }
        }

        return [$within, $after];
    }

    private static function downTo(float $grams): Until
    {
        return new Until('mass_g', round(max(0.1, $grams), 3));
    }

    /**
     * @param list<Stage> $before as they went
     * @param list<array{line: Line, minute: float, putsBack: bool}> $added
     */
    private function follow(
        Recipe $actual,
        array $before,
        Stage $stage,
        Step $heats,
        float $began,
        array $added,
    ): Followed {
        $puts = [];
        $atFirst = [];
        foreach ($added as $each) {
            if ($each['minute'] < $began) {
                $atFirst[] = $each['line'];
            }
        }
        $begins = $stage->withLines([...$stage->lines, ...$atFirst]);
        $report = $this->reportOf($actual, [...$before, $begins]);
        $stays = 0.0;
        foreach ($added as $each) {
            if ($each['minute'] >= $began) {
                $alone = $actual->withStages([new Stage('a', '', [$each['line']])]);
                $grams = WeighedRecipe::of($alone, $this->catalogue)->lines[0]->grams;
                $puts[] = ['minute' => $each['minute'], 'grams' => $grams];
                // what mends the taste is there to stay; what makes up for steam is not
                $stays += $each['putsBack'] ? 0.0 : $grams;
            }
        }
        $process = $stage->process ?? throw new \LogicException('What boils down has a process.');
        $boilsSeen = $this->progress->boils[$stage->id] ?? null;
        $usual = $report->gramsPerMinute ?? 0.0;
        if ($this->truth !== null) {
            $rate = new Figure($usual * $this->truth->hobFactor(), 0.0, 'g/min');
            $boilsAt = $report->heatingMinutes * $this->truth->heatingFactor();
            $reduction = Reduction::begins($report->massIn, 0.0, $rate, $boilsAt, true);
        } else {
            $rate = $this->clock->hob($process) ?? Reduction::ofTable($usual);
            $boilsAt = $boilsSeen === null ? $report->heatingMinutes : max(0.0, $boilsSeen - $began);
            $reduction = Reduction::begins(
                $report->massIn,
                $report->massSpread,
                $rate,
                $boilsAt,
                $boilsSeen !== null,
            );
        }
        $isByTheClock = $process->until === null && $process->minutes !== null;
        $followed = new Followed(
            $reduction,
            $report,
            $began,
            $report->massBeforeLifting + $stays,
            $report->massIn,
            [],
            $puts,
            $this->progress->panGrams,
            $isByTheClock ? $began + $boilsAt + (float) $process->minutes : null,
            $boilsSeen !== null,
        );

        return $this->truth !== null ? $followed : $this->weighed($followed, $heats);
    }

    /** With every reading that says something of how much is in the pot. */
    private function weighed(Followed $followed, Step $heats): Followed
    {
        $reduction = $followed->reduction;
        $pan = $followed->pan;
        $points = [];
        $ended = $this->progress->ended[$heats->id] ?? INF;
        // what was weighed before some of it was spilled is of another pot
        $spilled = 0.0;
        foreach ($this->progress->added as $event) {
            $spilled = $event->kind === 'spilled' ? $this->progress->minute($event->at) : $spilled;
        }
        foreach ($this->progress->readings as $event) {
            $minute = $this->progress->minute($event->at);
            if ($minute < max($followed->began, $spilled) - 1e-9 || $minute > $ended + 1e-9) {
                continue;
            }
            $since = $minute - $followed->began;
            // what goes in at that very moment goes in after it was weighed
            $put = $followed->putBy($minute - self::A_MOMENT);
            if ($event->text('what') === 'mass' && $event->isTrue('with_pan') && $pan === null) {
                // nobody weighed the pan empty: the first weighing of both tells what it weighs
                $pan = ($event->number('value') ?? 0.0) - $reduction->at($since)->value - $put;
                $points[] = [
                    'minute' => $minute,
                    'grams' => $reduction->at($since)->value + $put,
                    'text' => 'pan and sauce',
                ];
                continue;
            }
            [$grams, $half] = ReadGrams::of($event, $followed, $pan ?? 0.0);
            if ($grams === null || $grams - $put <= 0.0) {
                continue;
            }
            $reduction = $reduction->weighed($since, $grams - $put, $half);
            $points[] = ['minute' => $minute, 'grams' => $grams, 'text' => $event->text('what')];
        }

        return $followed->weighed($reduction, $points, $pan);
    }

    /** @param list<Stage> $stages */
    private function reportOf(Recipe $actual, array $stages): StageReport
    {
        $cooked = Kitchen::cook(WeighedRecipe::of($actual->withStages($stages), $this->catalogue));

        return $cooked->stages[count($cooked->stages) - 1];
    }
}
