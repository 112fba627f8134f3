<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Amount\Dimension;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Stove\Hands\Handwork;
use Vinculum\Stove\Hands\LineWork;
use Vinculum\Taste\Measure;

/** What is done before the heat is on: everything out and measured, and what wants cutting cut. */
final readonly class BeforeCooking
{
    /** Steps of a taste that a spoon alone may be out by before a line is worth weighing. */
    private const WEIGH_FROM = 0.5;

    /** @param list<WeighedLine> $lines that go in, in their order */
    public function __construct(private Evaluation $evaluation, private array $lines, private Handwork $hands) {}

    public function gather(): Step
    {
        $notes = [];
        $measured = 0.0;
        foreach ($this->lines as $line) {
            $measured += $this->hands->task(self::measuredBy($line), 1);
            $out = $this->spoonIsOutBy($line);
            if ($out >= self::WEIGH_FROM) {
                $notes[$line->line->id] = Sentence::of(
                    'weigh it if you can: by the spoon the sauce may be {steps} out',
                    ['steps' => Quantity::steps($out)],
                );
            } elseif ($line->line->prep !== null && $line->line->prep !== '') {
                $notes[$line->line->id] = Sentence::plain($line->line->prep);
            }
        }

        return new Step(
            'gather',
            StepKind::Gather,
            'Gather',
            null,
            self::ids($this->lines),
            $notes,
            [Sentence::of('Everything out and measured before the heat is on.')],
            [],
            UsualMinutes::work($this->hands->task('gather', count($this->lines)) + $measured),
            true,
            null,
        );
    }

    /** What is peeled, cut, grated or squeezed; null where nothing is. */
    public function prepare(): ?Step
    {
        $lines = [];
        $notes = [];
        $once = [];
        $minutes = 0.0;
        foreach ($this->lines as $line) {
            $work = $this->work($line);
            if ($work === null) {
                continue;
            }
            $lines[] = $line;
            $once += $work->once;
            $minutes += $work->minutes;
            $prep = trim((string) $line->line->prep);
            $notes[$line->line->id] = Sentence::plain($prep !== '' ? $prep : implode(', ', $work->works));
        }

        return $lines === []
            ? null
            : new Step(
                'prepare',
                StepKind::Prepare,
                'Prepare',
                null,
                self::ids($lines),
                $notes,
                [Sentence::of('Wash, peel and cut what needs it.')],
                [],
                UsualMinutes::work($minutes + array_sum($once)),
                true,
                null,
            );
    }

    private function work(WeighedLine $line): ?LineWork
    {
        $isIn = $isBlended = false;
        foreach ($this->evaluation->cooked->stages as $report) {
            $isIn = $isIn || $report->stage === $line->stage;
            $isBlended = $isBlended || ($isIn && $report->stage->process?->kind === ProcessKind::Blend);
        }

        return $this->hands->of($line, $isBlended);
    }

    private static function measuredBy(WeighedLine $line): string
    {
        $unit = $line->amount->terms[0]->unit ?? null;

        return match (true) {
            $unit === null || $unit->informal => 'counted',
            $unit->dimension === Dimension::Mass => 'weighed',
            $unit->dimension === Dimension::Volume => $unit->decimal ? 'weighed' : 'spooned',
            default => 'counted',
        };
    }

    /** How many steps its own taste is out by, at the edge of what its measure allows. */
    private function spoonIsOutBy(WeighedLine $line): float
    {
        $most = 0.0;
        $place = array_search($line, $this->evaluation->cooked->weighed->lines, true);
        foreach ([Measure::Saltiness, Measure::Heat] as $measure) {
            $tasted = $this->evaluation->tasting->measures[$measure->value];
            $part = $place === false ? 0.0 : ($tasted->contributions[$place] ?? 0.0);
            $value = $tasted->figure->value;
            $most = max($most, abs($measure->steps($value, $value + $part * $line->spread)));
        }

        return $most;
    }

    /**
     * @param list<WeighedLine> $lines
     * @return list<string>
     */
    private static function ids(array $lines): array
    {
        return array_map(static fn (WeighedLine $line): string => $line->line->id, $lines);
    }
}
