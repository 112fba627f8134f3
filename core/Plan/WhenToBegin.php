<?php

declare(strict_types=1);

namespace Vinculum\Plan;

use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Safety\Facts;
use Vinculum\Safety\KeepingTime;
use Vinculum\Stove\Clock;

/** When to begin so that every sauce is ready when it is wanted, or as near as can be. Minutes since 1970. */
final readonly class WhenToBegin
{
    /** How often what cannot be is put off a little before it is given up. */
    private const ROUNDS = 12;

    private const MINUTES_A_DAY = 1440.0;

    /** Minutes that nobody waits for. */
    private const A_MOMENT = 0.5;

    /**
     * @param Schedule|null $schedule null where there is no way
     * @param list<float> $ready when each sauce is ready after all
     * @param list<bool> $isLate whether that is later than it was wanted
     * @param list<Sentence> $notes what is not possible, and why
     */
    private function __construct(
        public ?Schedule $schedule,
        public array $ready,
        public array $isLate,
        public array $notes,
    ) {}

    /**
     * @param list<Wanted> $wanted
     * @param float $now before which nobody can begin
     * @param Clock|null $clock what this household is known to take; null where nothing is
     */
    public static function of(
        array $wanted,
        float $now,
        int $rings,
        int $ovens,
        Hours $hours,
        ?Clock $clock = null,
    ): self {
        $tasks = [];
        $lengths = [];
        foreach ($wanted as $sauce => $each) {
            $own = $each->tasks($sauce, $clock);
            $tasks = [...$tasks, ...$own];
            $lengths[$sauce] = array_sum(array_map(static fn (Task $task): float => $task->minutes, $own));
        }
        $isMeal = array_filter($wanted, static fn (Wanted $each): bool => $each->evaluation === null) !== [];
        $ready = self::ready($wanted, $lengths, $now, $isMeal);
        $schedule = null;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $nights = $hours->nights($now, max([$now, ...$ready]));
            $schedule = Scheduler::latest($tasks, $ready, $rings, $ovens, $nights);
            if ($schedule === null) {
                break;
            }
            $short = [];
            foreach (array_keys($wanted) as $sauce) {
                $short[$sauce] = max(0.0, $now - $schedule->begins($sauce));
            }
            $most = max([0.0, ...$short]);
            if ($most <= self::A_MOMENT) {
                break;
            }
            foreach ($wanted as $sauce => $each) {
                // what is eaten together waits for the last of it
                $ready[$sauce] += $isMeal && $each->ready === null ? $most : $short[$sauce];
            }
        }
        $late = array_map(
            static fn (Wanted $each, float $at): bool => $each->ready !== null && $at > $each->ready + self::A_MOMENT,
            $wanted,
            $ready,
        );

        return new self($schedule, array_values($ready), $late, [
            ...self::notes($wanted, $schedule, $rings, $ovens),
            ...self::toLeaveOut($wanted, $tasks, $ready),
        ]);
    }

    /**
     * As it was asked, or as soon as may be; what is eaten together with something else, together with it.
     *
     * @param list<Wanted> $wanted
     * @param array<int, float> $lengths minutes of each, by its number
     * @param bool $isMeal whether there is something else to eat with it
     * @return array<int, float>
     */
    private static function ready(array $wanted, array $lengths, float $now, bool $isMeal): array
    {
        $said = array_filter(array_map(static fn (Wanted $each): ?float => $each->ready, $wanted));
        $together = $said === [] ? $now + max([0.0, ...$lengths]) : max($said);
        $ready = [];
        foreach ($wanted as $sauce => $each) {
            $ready[$sauce] = $each->ready ?? ($isMeal ? $together : $now + $lengths[$sauce]);
        }

        return $ready;
    }

    /**
     * Of what is late for a rest or a time in the fridge: what to leave out of it.
     *
     * @param list<Wanted> $wanted
     * @param list<Task> $tasks
     * @param array<int, float> $ready
     * @return list<Sentence>
     */
    private static function toLeaveOut(array $wanted, array $tasks, array $ready): array
    {
        $notes = [];
        foreach ($wanted as $sauce => $each) {
            $short = $each->ready === null ? 0.0 : $ready[$sauce] - $each->ready;
            foreach ($tasks as $task) {
                if ($short > self::A_MOMENT && $task->sauce === $sauce && ! $task->isHands && $task->place === null
                    && $task->kind !== 'cool' && $task->minutes >= $short) {
                    $notes[] = Sentence::of(
                        'To have {name} in time, leave {short} out of what it is to {label} ({all}).',
                        [
                            'name' => $each->name,
                            'short' => Quantity::minutes(ceil($short)),
                            'label' => $task->label,
                            'all' => Quantity::minutes($task->minutes),
                        ],
                    );
                    break;
                }
            }
        }

        return $notes;
    }

    /**
     * @param list<Wanted> $wanted
     * @return list<Sentence>
     */
    private static function notes(array $wanted, ?Schedule $schedule, int $rings, int $ovens): array
    {
        $notes = [];
        if ($schedule === null) {
            $notes[] = Sentence::of(
                $ovens < 1
                    ? 'There is no way: one of them roasts, and there is no oven.'
                    : 'There is no way to make these together with {rings} rings. Make one of them on another day.',
                ['rings' => Quantity::number($rings, 0)],
            );
        } elseif (! $schedule->isProven) {
            $notes[] = Sentence::of('It is good, and not shown to be the best there is: there are many ways.');
        }
        foreach ($wanted as $each) {
            if ($each->evaluation === null) {
                continue;
            }
            $rests = 0.0;
            foreach ($each->evaluation->recipe->stages as $stage) {
                $rests = max($rests, $stage->restBetterMinutes ?? 0.0);
            }
            $keeps = KeepingTime::of(Facts::of($each->evaluation))?->fridgeDays;
            if ($keeps !== null && $rests > $keeps * self::MINUTES_A_DAY) {
                $notes[] = Sentence::of(
                    '{name} cannot rest for {rest} hours and still be inside its {days} days in the fridge. '
                        .'Rest it less.',
                    [
                        'name' => $each->name,
                        'rest' => Quantity::number($rests / 60, 0),
                        'days' => Quantity::number($keeps, 0),
                    ],
                );
            }
        }

        return $notes;
    }
}
