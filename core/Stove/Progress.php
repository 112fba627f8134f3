<?php

declare(strict_types=1);

namespace Vinculum\Stove;

/** How far a cook has come: what its events come to, without a word of what is in the pot. */
final readonly class Progress
{
    /**
     * @param list<Event> $events that stand
     * @param array<string, float> $began minute each step was first begun, by its id
     * @param array<string, float> $ended minute it was left, by its id
     * @param array<string, bool> $ticked by line id
     * @param array<string, Event> $wentIn the last word on each line, by its id
     * @param list<Event> $added what was stirred in besides
     * @param array<string, float> $boils minute a stage was seen to boil, by its id
     * @param list<Event> $readings
     * @param list<array{minute: float, step: string}> $timeline when each step was gone to
     * @param array<int, Event> $timers that run or have run out, by their event
     */
    private function __construct(
        public array $events,
        public string $step,
        public array $began,
        public array $ended,
        public array $ticked,
        public array $wentIn,
        public array $added,
        public array $boils,
        public ?float $panGrams,
        public array $readings,
        public array $timers,
        public ?Event $felt,
        private array $timeline,
        private float $beganAt,
        public float $speed,
    ) {}

    /**
     * @param list<Step> $steps
     * @param list<Event> $events every one, in order
     * @param float $beganAt seconds since 1970
     * @param float $speed how many minutes of the pot go by in one of the clock
     */
    public static function of(array $steps, array $events, float $beganAt, float $speed): self
    {
        $back = [];
        foreach ($events as $event) {
            if ($event->kind === 'taken_back') {
                $back[(int) $event->number('event')] = true;
            }
        }
        $events = array_values(array_filter(
            $events,
            static fn (Event $event): bool => ! isset($back[$event->id]) && $event->kind !== 'taken_back',
        ));
        $places = array_flip(array_map(static fn (Step $step): string => $step->id, $steps));
        $step = $steps[0]->id ?? '';
        $began = [$step => 0.0];
        $timeline = [['minute' => 0.0, 'step' => $step]];
        $ended = $ticked = $wentIn = $added = $boils = $readings = $timers = [];
        $pan = null;
        $felt = null;
        foreach ($events as $event) {
            $minute = self::minutes($event->at - $beganAt, $speed);
            switch ($event->kind) {
                case 'step':
                    $to = $event->text('to');
                    if (! isset($places[$to])) {
                        break;
                    }
                    if ($places[$to] > $places[$step]) {
                        $ended[$step] = $minute;
                        // what was not ticked went in all the same
                        foreach ($steps as $place => $passed) {
                            if ($place >= $places[$step] && $place < $places[$to]) {
                                $ended[$passed->id] ??= $minute;
                                $began[$passed->id] ??= $minute;
                            }
                        }
                    } else {
                        // back at the heat, its time goes on from when it began
                        foreach ($steps as $place => $undone) {
                            if ($place >= $places[$to]) {
                                unset($ended[$undone->id]);
                            }
                        }
                    }
                    $step = $to;
                    $began[$to] ??= $minute;
                    $timeline[] = ['minute' => $minute, 'step' => $to];
                    break;
                case 'tick':
                    $ticked[$event->text('line')] = $event->isTrue('done');
                    break;
                case 'went_in':
                    $wentIn[$event->text('line')] = $event;
                    $ticked[$event->text('line')] = true;
                    break;
                case 'added':
                case 'spilled':
                    $added[] = $event;
                    break;
                case 'boils':
                    $boils[$event->text('stage')] = $minute;
                    break;
                case 'pan':
                    $pan = $event->number('grams');
                    break;
                case 'reading':
                    $readings[] = $event;
                    break;
                case 'timer':
                    $timers[$event->id] = $event;
                    break;
                case 'timer_off':
                    unset($timers[(int) $event->number('event')]);
                    break;
                case 'felt':
                    $felt = $event;
                    break;
                default:
            }
        }

        return new self(
            $events,
            $step,
            $began,
            $ended,
            $ticked,
            $wentIn,
            $added,
            $boils,
            $pan,
            $readings,
            $timers,
            $felt,
            $timeline,
            $beganAt,
            $speed,
        );
    }

    /** Minutes of the pot since the cook began. */
    public function minute(float $at): float
    {
        return self::minutes($at - $this->beganAt, $this->speed);
    }

    private static function minutes(float $seconds, float $speed): float
    {
        return $seconds / 60 * $speed;
    }

    /** When a minute of the pot is, seconds since 1970. */
    public function at(float $minute): float
    {
        return $this->beganAt + $minute * 60 / $this->speed;
    }

    /**
     * The step that was going on at a minute.
     *
     * @param list<Step> $steps
     */
    public function during(array $steps, float $minute): ?Step
    {
        $at = '';
        foreach ($this->timeline as $gone) {
            $at = $gone['minute'] <= $minute + 1e-9 ? $gone['step'] : $at;
        }
        foreach ($steps as $step) {
            if ($step->id === $at) {
                return $step;
            }
        }

        return null;
    }
}
