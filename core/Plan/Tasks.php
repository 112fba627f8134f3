<?php

declare(strict_types=1);

namespace Vinculum\Plan;

use Vinculum\Batch\Making;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Stove\Clock;
use Vinculum\Stove\Finish;
use Vinculum\Stove\Step;
use Vinculum\Stove\StepKind;
use Vinculum\Stove\Steps;

/** What making a sauce takes: work by hand in one piece where it is one piece, and what the pot does alone. */
final readonly class Tasks
{
    /**
     * Minutes that may pass before the next thing is done: cut and measured things stand, a pot that is done is taken
     * off and stands, one that has cooled goes into the fridge; common practice, no source.
     */
    private const WAIT = [
        'hands' => 20.0,
        'heat' => 15.0,
        'cool' => 45.0,
    ];

    /** What soaks or rests may do so for this much longer, share of it. */
    private const RESTS_LONGER = 0.5;

    private const NAMES = [
        'gather' => 'gather',
        'prepare' => 'chop',
        'add' => 'put in',
        'taste' => 'taste',
        'strain' => 'lift out',
        'blend' => 'blend',
        'fill' => 'fill and label',
        'set-apart' => 'set apart',
        'serve' => 'serve',
        'cool' => 'cool',
        'wait' => 'wait',
        'rest' => 'rest',
        'heat' => 'cook',
    ];

    /**
     * @param Making|null $making how much of it, and what becomes of it; null for as it is usual
     * @param Clock|null $clock what this household is known to take; null where nothing is
     * @return list<Task> in order
     */
    public static function of(
        int $sauce,
        Evaluation $evaluation,
        ?Making $making = null,
        ?Clock $clock = null,
    ): array {
        $tasks = [];
        $hands = [];
        foreach (Steps::of($evaluation, Finish::of($evaluation, $making ?? new Making), $clock) as $step) {
            // standing by a pot is work, and as long as the pot takes
            if ($step->isHands) {
                $hands[] = $step;
                continue;
            }
            if ($hands !== []) {
                $tasks[] = self::hands(
                    $sauce,
                    $hands,
                    $step->kind === StepKind::Heat ? 0.0 : self::WAIT['hands'],
                );
                $hands = [];
            }
            $tasks[] = self::alone($sauce, $step);
        }
        if ($hands !== []) {
            $tasks[] = self::hands($sauce, $hands, null);
        }

        return $tasks;
    }

    /** @param non-empty-list<Step> $steps */
    private static function hands(int $sauce, array $steps, ?float $wait): Task
    {
        $minutes = 0.0;
        $place = null;
        $names = [];
        foreach ($steps as $step) {
            $minutes += $step->minutes->value;
            // what is put in and tasted needs no fire; what is fried or brought to the boil does
            $place = $step->kind === StepKind::Heat ? $step->place : $place;
            $name = $step->kind === StepKind::Heat ? mb_strtolower($step->title) : self::NAMES[$step->kind->value];
            if (! in_array($name, $names, true)) {
                $names[] = $name;
            }
        }

        return new Task(
            $sauce,
            array_map(static fn (Step $step): string => $step->id, $steps),
            'hands',
            implode(', ', $names),
            $steps[0]->stage?->stage->id,
            $minutes,
            true,
            $place,
            $wait,
        );
    }

    private static function alone(int $sauce, Step $step): Task
    {
        return new Task(
            $sauce,
            [$step->id],
            $step->kind->value,
            mb_strtolower($step->title),
            $step->stage?->stage->id,
            $step->minutes->value,
            false,
            $step->place,
            match ($step->kind) {
                StepKind::Heat => self::WAIT['heat'],
                StepKind::Cool => self::WAIT['cool'],
                StepKind::Rest => null,
                default => max(self::WAIT['hands'], self::RESTS_LONGER * $step->minutes->value),
            },
        );
    }
}
