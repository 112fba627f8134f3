<?php

declare(strict_types=1);

namespace Vinculum\Plan;

use Vinculum\Cooking\Hob;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
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
        'fill' => 'jar and label',
        'cool' => 'cool',
        'wait' => 'wait',
        'rest' => 'rest',
        'heat' => 'cook',
    ];

    /**
     * @param float $pace how many times as long as usual this household's hands take
     * @param array<string, Figure> $hobs what its hobs are known to take off, g a minute, by Hob::name()
     * @return list<Task> in order
     */
    public static function of(int $sauce, Evaluation $evaluation, float $pace = 1.0, array $hobs = []): array
    {
        $tasks = [];
        $hands = [];
        foreach (Steps::of($evaluation) as $step) {
            // standing by a pot is work, and as long as the pot takes
            if ($step->isHands) {
                $hands[] = $step;
                continue;
            }
            if ($hands !== []) {
                $tasks[] = self::hands(
                    $sauce,
                    $hands,
                    $pace,
                    $step->kind === StepKind::Heat ? 0.0 : self::WAIT['hands'],
                );
                $hands = [];
            }
            $tasks[] = self::alone($sauce, $step, $hobs);
        }
        if ($hands !== []) {
            $tasks[] = self::hands($sauce, $hands, $pace, null);
        }

        return $tasks;
    }

    /** @param non-empty-list<Step> $steps */
    private static function hands(int $sauce, array $steps, float $pace, ?float $wait): Task
    {
        $minutes = 0.0;
        $place = null;
        $names = [];
        foreach ($steps as $step) {
            $minutes += $step->minutes->value * ($step->kind === StepKind::Heat ? 1.0 : $pace);
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

    /** @param array<string, Figure> $hobs */
    private static function alone(int $sauce, Step $step, array $hobs): Task
    {
        $minutes = self::byTheHob($step, $hobs) ?? $step->minutes->value;

        return new Task(
            $sauce,
            [$step->id],
            $step->kind->value,
            mb_strtolower($step->title),
            $step->stage?->stage->id,
            $minutes,
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

    /**
     * What this hob took off before says more than any table; null where it is not known, or the clock decides.
     *
     * @param array<string, Figure> $hobs
     */
    private static function byTheHob(Step $step, array $hobs): ?float
    {
        $process = $step->stage?->stage->process;
        if ($step->stage === null || $process === null || $process->until === null || ! $step->isReduction) {
            return null;
        }
        $known = Hob::learned($process, $hobs);

        return $known === null ? null : $step->stage->heatingMinutes + $step->stage->boiledOff / $known->value;
    }
}
