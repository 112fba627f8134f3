<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Plan\Hours;
use Vinculum\Plan\Schedule;
use Vinculum\Plan\Task;
use Vinculum\Plan\WhenToBegin;

/**
 * When to begin, as the screen, the console and a calendar have it (when.schema.json). Places are shares of the
 * picture.
 */
final readonly class WhenView
{
    /** Minutes apart from which two stretches of work are two. */
    private const A_PAUSE = 1.0;

    private const NARROWEST = 0.006;

    /** Minutes without anything new that are drawn as long as they are. */
    private const DRAWN_WHOLE = 30.0;

    public function __construct(private Speech $speech) {}

    /**
     * @param list<string> $names in the order they were wanted
     * @param list<array<string, mixed>> $looks each making as MakingView shows it; what is none has none
     * @return array<string, mixed>
     */
    public function of(WhenToBegin $when, array $names, Hours $hours, array $looks): array
    {
        $schedule = $when->schedule;
        $notes = $this->notes($when, $names, $hours);
        if ($schedule === null) {
            return [
                'begin_at' => null,
                'begin_text' => 'There is no way',
                'standing_text' => '',
                'proven' => true,
                'notes' => $notes,
                'sauces' => [],
                'days' => [],
                'you' => [],
                'rings' => [],
                'list' => [],
            ];
        }
        $from = $schedule->begins();
        $to = max([$from, ...$when->ready]);
        $at = self::scale($schedule, $from, $to);
        $sauces = [];
        foreach ($names as $sauce => $name) {
            $bars = [];
            foreach ($schedule->inOrder() as [$task, $start]) {
                if ($task->sauce === $sauce) {
                    $bars[] = $this->bar($task, $start, $at);
                }
            }
            $sauces[] = [
                'name' => $name,
                'ready_text' => 'ready '.$this->day($when->ready[$sauce], $hours),
                'ready_at' => round($when->ready[$sauce] * 60),
                'is_late' => $when->isLate[$sauce],
                'bars' => $bars,
                'making' => $looks[$sauce] ?? null,
            ];
        }
        $you = self::blocks($schedule);

        return [
            'begin_at' => round($from * 60),
            'begin_text' => 'Begin '.$this->day($from, $hours),
            'standing_text' => $this->standing($you),
            'proven' => $schedule->isProven,
            'notes' => $notes,
            'sauces' => $sauces,
            'days' => $this->days($from, $to, $hours, $at),
            'you' => array_map(
                fn (array $block): array => $this->place($block['from'], $block['to'], $at)
                    + [
                        'label' => $this->speech->grouped(round($block['to'] - $block['from']), 0).' min',
                        'is_hands' => true,
                    ],
                $you,
            ),
            'rings' => $this->rings($schedule, $at),
            'list' => $this->list($schedule, $names, $hours),
        ];
    }

    /**
     * As the console prints it.
     *
     * @param list<string> $names
     * @return array<string, mixed>
     */
    public function plain(WhenToBegin $when, array $names, Hours $hours): array
    {
        $schedule = $when->schedule;
        $tasks = [];
        foreach ($schedule?->inOrder() ?? [] as [$task, $start]) {
            $tasks[] = [
                'recipe' => $names[$task->sauce],
                'stage' => $task->stage,
                'kind' => $task->kind,
                'label' => $task->label,
                'from' => self::iso($start, $hours),
                'to' => self::iso($start + $task->minutes, $hours),
                'ring' => $task->place === 'ring',
            ];
        }

        return [
            'begin' => $schedule === null ? null : self::iso($schedule->begins(), $hours),
            'tasks' => $tasks,
            'proven' => $schedule->isProven ?? true,
            'notes' => $this->notes($when, $names, $hours),
        ];
    }

    /**
     * What a calendar needs: each stretch of work, and what the pots do meanwhile.
     *
     * @param list<string> $names
     * @return list<array{from: float, to: float, title: string}> seconds since 1970
     */
    public static function events(WhenToBegin $when, array $names): array
    {
        $events = [];
        foreach ($when->schedule?->inOrder() ?? [] as [$task, $start]) {
            if ($task->isHands) {
                $events[] = [
                    'from' => $start * 60,
                    'to' => ($start + $task->minutes) * 60,
                    'title' => $names[$task->sauce].': '.$task->label,
                ];
            }
        }

        return $events;
    }

    /**
     * @param \Closure(float): float $at
     * @return array<string, mixed>
     */
    private function bar(Task $task, float $start, \Closure $at): array
    {
        return $this->place($start, $start + $task->minutes, $at)
            + ['label' => $task->label, 'is_hands' => $task->isHands];
    }

    /**
     * A minute's place on the picture. Where nothing begins or ends for long, time is drawn shorter than it is, so
     * that a night's soak leaves room for ten minutes of work; the list beside it gives the clock.
     *
     * @return \Closure(float): float
     */
    private static function scale(Schedule $schedule, float $from, float $to): \Closure
    {
        $ticks = [$from, $to];
        foreach ($schedule->tasks as $i => $task) {
            $ticks[] = $schedule->starts[$i];
            $ticks[] = $schedule->starts[$i] + $task->minutes;
        }
        $ticks = array_values(array_unique($ticks));
        sort($ticks);
        $places = [0.0];
        for ($i = 1; $i < count($ticks); $i++) {
            $minutes = $ticks[$i] - $ticks[$i - 1];
            $drawn = $minutes <= self::DRAWN_WHOLE
                ? $minutes
                : self::DRAWN_WHOLE * (1 + log($minutes / self::DRAWN_WHOLE) / 2);
            $places[] = $places[$i - 1] + $drawn;
        }
        $whole = max(1.0, $places[count($places) - 1]);

        return static function (float $minute) use ($ticks, $places, $whole): float {
            for ($i = 1; $i < count($ticks); $i++) {
                if ($minute <= $ticks[$i]) {
                    $span = max(1e-9, $ticks[$i] - $ticks[$i - 1]);
                    $share = max(0.0, ($minute - $ticks[$i - 1]) / $span);

                    return ($places[$i - 1] + $share * ($places[$i] - $places[$i - 1])) / $whole;
                }
            }

            return 1.0;
        };
    }

    /**
     * @param \Closure(float): float $at
     * @return array{left: float, width: float}
     */
    private function place(float $start, float $end, \Closure $at): array
    {
        $left = $at($start);
        $width = max(self::NARROWEST, $at($end) - $left);

        return ['left' => round(min($left, 1 - $width), 4), 'width' => round($width, 4)];
    }

    /** @return list<array{from: float, to: float}> work without a pause */
    private static function blocks(Schedule $schedule): array
    {
        $blocks = [];
        foreach ($schedule->inOrder() as [$task, $start]) {
            $last = count($blocks) - 1;
            if (! $task->isHands) {
                continue;
            }
            if ($last >= 0 && $start - $blocks[$last]['to'] < self::A_PAUSE) {
                $blocks[$last] = ['from' => $blocks[$last]['from'], 'to' => $start + $task->minutes];
            } else {
                $blocks[] = ['from' => $start, 'to' => $start + $task->minutes];
            }
        }

        return $blocks;
    }

    /** @param list<array{from: float, to: float}> $blocks */
    private function standing(array $blocks): string
    {
        $lengths = array_map(static fn (array $block): float => $block['to'] - $block['from'], $blocks);

        return 'At work '.MakingView::hours(array_sum($lengths)).' in all. The longest without a pause: '
            .MakingView::hours(max([0.0, ...$lengths])).'.';
    }

    /**
     * @param \Closure(float): float $at
     * @return list<array{label: string, left: float}> where each day begins
     */
    private function days(float $from, float $to, Hours $hours, \Closure $at): array
    {
        $day = $hours->at($from);
        $days = [['label' => $day->format('D'), 'left' => 0.0]];
        for ($next = $day->modify('tomorrow'); $next->getTimestamp() / 60 < $to; $next = $next->modify('tomorrow')) {
            $days[] = [
                'label' => $next->format('D'),
                'left' => round($at($next->getTimestamp() / 60), 4),
            ];
        }

        return $days;
    }

    /**
     * @param \Closure(float): float $at
     * @return list<list<array{label: string, left: float, width: float}>> what stands on each ring
     */
    private function rings(Schedule $schedule, \Closure $at): array
    {
        $rows = [];
        $free = [];
        foreach ($schedule->inOrder() as [$task, $start]) {
            if ($task->place !== 'ring') {
                continue;
            }
            $end = $start + $task->minutes;
            $row = 0;
            while (($free[$row] ?? -INF) > $start + 1e-6) {
                $row++;
            }
            $free[$row] = $end;
            $rows[$row][] = $this->place($start, $end, $at) + ['label' => $task->label];
        }

        return array_values($rows);
    }

    /**
     * @param list<string> $names
     * @return list<array{at_text: string, text: string, minutes_text: string}>
     */
    private function list(Schedule $schedule, array $names, Hours $hours): array
    {
        $list = [];
        $day = '';
        foreach ($schedule->inOrder() as [$task, $start]) {
            $at = $hours->at($start);
            $is = $at->format('l j F');
            $list[] = [
                'at_text' => ($is === $day ? '' : "{$is} ").$at->format('G:i'),
                'text' => $names[$task->sauce].': '.$task->label,
                'minutes_text' => MakingView::hours($task->minutes).($task->isHands ? '' : ', by itself'),
            ];
            $day = $is;
        }

        return $list;
    }

    private static function iso(float $minute, Hours $hours): string
    {
        return $hours->at($minute)->format('Y-m-d\TH:i:sP');
    }

    /** "Friday 27 November at 16:40" */
    private function day(float $minute, Hours $hours): string
    {
        return $hours->at($minute)->format('l j F \a\t G:i');
    }

    /**
     * What is not possible, and which sauce is late for it.
     *
     * @param list<string> $names
     * @return list<string>
     */
    private function notes(WhenToBegin $when, array $names, Hours $hours): array
    {
        $notes = $this->speech->sayAll($when->notes);
        foreach ($names as $sauce => $name) {
            if ($when->isLate[$sauce]) {
                $notes[] = "{$name} cannot be ready sooner than {$this->day($when->ready[$sauce], $hours)}.";
            }
        }

        return $notes;
    }
}
