<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Batch\Making;
use Vinculum\Cooking\StageReport;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Evaluation\StrongBeforeReduction;
use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Form;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Stove\Hands\Handwork;
use Vinculum\Taste\Measure;

/** A recipe as a maker does it, one step after the other. */
final class Steps
{
    /** Share of the pot boiled off from which it is worth a step of its own to taste it. */
    private const TASTES_FROM = 0.02;

    /** @var array<string, list<WeighedLine>> by stage id */
    private array $lines = [];

    /** @var array<string, Measure> what is held back, by line id */
    private array $strong = [];

    private bool $isHot = false;

    private bool $hangs = false;

    private readonly Handwork $hands;

    private readonly Processing $processing;

    private function __construct(private readonly Evaluation $evaluation, private readonly Clock $clock)
    {
        $this->hands = new Handwork($evaluation->cooked->weighed->vocabulary);
        $this->processing = new Processing($evaluation, $this->hands, $clock);
        foreach ($evaluation->cooked->weighed->lines as $line) {
            if ($line->grams > 0.0 || $line->amount?->isToTaste() === true) {
                $this->lines[$line->stage->id][] = $line;
            }
        }
        foreach (StrongBeforeReduction::of($evaluation) as $held) {
            $this->strong[$held->line->line->id] = $held->measure;
        }
    }

    /**
     * @param Finish|null $finish what becomes of it; null for as it is usual
     * @param Clock|null $clock what this household is known to take; null where nothing is
     * @return list<Step> none for an empty pot
     */
    public static function of(Evaluation $evaluation, ?Finish $finish = null, ?Clock $clock = null): array
    {
        $steps = new self($evaluation, $clock ?? new Clock);

        return $steps->lines === [] ? [] : $steps->all($finish ?? Finish::of($evaluation, new Making));
    }

    /** @return list<Step> */
    private function all(Finish $finish): array
    {
        $before = new BeforeCooking($this->evaluation, array_merge(...array_values($this->lines)), $this->hands);
        $steps = [$before->gather(), ...array_filter([$before->prepare()])];
        $last = count($this->evaluation->cooked->stages) - 1;
        foreach ($this->evaluation->cooked->stages as $i => $report) {
            $steps = [...$steps, ...$this->stage($report, $i === $last)];
        }
        $after = new AfterCooking($this->evaluation, $finish, $this->hands, $this->isHot);

        return array_map(
            fn (Step $step): Step => $step->paced($this->clock->pace($step->kind)),
            [...$steps, $this->taste('taste', null), ...$after->steps()],
        );
    }

    /** @return list<Step> */
    private function stage(StageReport $report, bool $isLast): array
    {
        $stage = $report->stage;
        $kind = $stage->process->kind ?? ProcessKind::None;
        $steps = [];
        $lines = $this->inOrder($stage->id, $stage->process?->kind);
        if ($lines !== []) {
            $steps[] = new Step(
                "{$stage->id}.add",
                StepKind::Add,
                match (true) {
                    $stage->name !== '' && $stage->name !== Step::TITLES[$kind->value] => $stage->name,
                    $this->isHot && $kind === ProcessKind::None => Step::TITLES[$kind->value],
                    default => 'Put in',
                },
                $report,
                array_map(static fn (WeighedLine $line): string => $line->line->id, $lines),
                $this->notes($lines, $report),
                $this->isHot && $stage->process === null && $isLast ? [Sentence::of('Off the heat.')] : [],
                $stage->process === null ? $this->processing->eye($report) : [],
                UsualMinutes::work($this->putIn($report, count($lines), $kind)),
                true,
                Processing::place($report),
            );
            $this->hangs = $this->hangs || array_filter(
                $lines,
                static fn (WeighedLine $line): bool => $line->line->handling !== Handling::In,
            ) !== [];
        }
        if ($kind !== ProcessKind::None) {
            $steps[] = $this->processing->of($report, $kind, $lines === [], $this->isHot);
            $this->isHot = $this->evaluation->cooked->weighed->vocabulary->leavesHot($kind->value) ?? $this->isHot;
        }
        if ($this->hangs && ($stage->strain !== null || $isLast)) {
            $steps[] = $this->strain($report);
            $this->hangs = false;
        }
        $mass = max(1e-9, $report->massIn);
        if (! $isLast && $report->boiledOff / $mass >= self::TASTES_FROM) {
            $steps[] = $this->taste("{$stage->id}.taste", $report);
        }

        return $steps;
    }

    /** Minutes to put the lines of a stage in; less the blending where the maker says what all the work takes. */
    private function putIn(StageReport $report, int $things, ProcessKind $kind): float
    {
        $least = $this->hands->task('put-in', 1);
        $said = $report->stage->handsMinutes;
        if ($said !== null) {
            return max($least, $said - ($kind === ProcessKind::Blend ? $this->processing->blended($report) : 0.0));
        }
        $isSlaked = array_filter(
            $this->lines[$report->stage->id] ?? [],
            static fn (WeighedLine $line): bool => $line->ingredient?->is('starch-raw') === true,
        ) !== [];

        return $this->hands->task('put-in', $things)
            + ($isSlaked && $report->waterIn > 0.0 ? $this->hands->task('stir-smooth') : 0.0)
            + ($kind === ProcessKind::None ? $this->processing->trickled($report) : 0.0);
    }

    /**
     * Fat before what is bloomed in it; what is strong behind the rest; starch last, stirred smooth.
     *
     * @return list<WeighedLine>
     */
    private function inOrder(string $stage, ?ProcessKind $process): array
    {
        $rank = function (WeighedLine $line) use ($process): int {
            $thing = $line->ingredient;

            return match (true) {
                $thing === null => 3,
                $process === ProcessKind::Fry && $thing->isFatty() => 0,
                $process === ProcessKind::Fry && $thing->is('ground') => 2,
                $thing->is('starch-raw') => 5,
                isset($this->strong[$line->line->id]) => 4,
                $process === ProcessKind::Fry => 1,
                default => 3,
            };
        };
        $lines = $this->lines[$stage] ?? [];
        // sorting keeps the order of what is alike
        usort($lines, static fn (WeighedLine $a, WeighedLine $b): int => $rank($a) <=> $rank($b));

        return $lines;
    }

    /**
     * @param list<WeighedLine> $lines
     * @return array<string, Sentence> by line id
     */
    private function notes(array $lines, StageReport $report): array
    {
        $notes = [];
        $fries = $report->stage->process?->kind === ProcessKind::Fry;
        foreach ($lines as $line) {
            $thing = $line->ingredient;
            $note = match (true) {
                isset($this->strong[$line->line->id]) && $thing?->form !== Form::Pieces
                    => 'hold back a third until it is down, then by taste',
                $thing?->is('starch-raw') === true && $report->waterIn > 0.0
                    => 'stirred smooth in a little cold water first',
                $line->line->handling === Handling::Whole && $thing?->is('chilli') === true
                    => 'whole, and lifted out: a burst one gives ten times its heat',
                $line->line->handling === Handling::Whole => 'whole, and lifted out',
                $line->line->handling === Handling::Steeped => 'to be lifted out',
                $fries && $thing?->is('ground') === true => 'half a minute in the hot fat; it burns soon',
                $line->amount?->isToTaste() === true => 'a little at a time',
                $line->line->optional => 'if you like',
                default => null,
            };
            if ($note !== null) {
                $notes[$line->line->id] = Sentence::of($note);
            }
        }

        return $notes;
    }

    private function strain(StageReport $report): Step
    {
        $names = [];
        foreach ($this->evaluation->cooked->weighed->lines as $line) {
            if ($line->line->handling !== Handling::In && $line->ingredient !== null && $line->grams > 0.0) {
                // what was squeezed is gone; what is lifted out are its shells
                $names[$line->line->id] = $line->ingredient->form === Form::Liquid
                    ? 'what is left of the '.$line->ingredient->shortName()
                    : $line->ingredient->shortName();
            }
        }
        $press = $report->stage->strain->press ?? 0.0;
        $say = [Sentence::of('Lift out {what}.', ['what' => implode(', ', $names)])];
        if ($press > 0.0) {
            $say[] = Sentence::of('Press it: some of the liquor it holds comes back.');
        }

        return new Step(
            "{$report->stage->id}.strain",
            StepKind::Strain,
            'Lift out',
            $report,
            array_keys($names),
            [],
            $say,
            [],
            UsualMinutes::work($press > 0.0
                ? $this->hands->task('sieve', millilitres: $report->volumeAfter)
                : $this->hands->task('lift-out', count($names))),
            true,
            null,
        );
    }

    private function taste(string $id, ?StageReport $report): Step
    {
        return new Step(
            $id,
            StepKind::Taste,
            'Taste',
            $report,
            [],
            [],
            [Sentence::of('A teaspoon on a cold plate, then taste. What the spoon says is answered here.')],
            [],
            UsualMinutes::work($this->hands->task('taste')),
            true,
            $this->isHot ? 'ring' : null,
        );
    }
}
