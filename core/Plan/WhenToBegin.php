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
            $own = Tasks::of($sauce, $each->evaluation, $each->making, $clock);
            $tasks = [...$tasks, ...$own];
            $lengths[$sauce] = array_sum(array_map(static fn (Task $task): float => $task->minutes, $own));
        }
        $ready = [];
        foreach ($wanted as $sauce => $each) {
            $ready[$sauce] = $each->ready ?? $now + $lengths[$sauce];
        }
        $schedule = null;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $nights = $hours->nights($now, max([$now, ...$ready]));
            $schedule = Scheduler::latest($tasks, $ready, $rings, $ovens, $nights);
            if ($schedule === null) {
                break;
            }
            $isLate = false;
            foreach (array_keys($wanted) as $sauce) {
                $short = $now - $schedule->begins($sauce);
                if ($short > 0.5) {
                    $ready[$sauce] += $short;
                    $isLate = true;
                }
            }
            if (! $isLate) {
                break;
            }
        }
        $late = array_map(
            static fn (Wanted $each, float $at): bool => $each->ready !== null && $at > $each->ready + 0.5,
            $wanted,
            $ready,
        );

        return new self($schedule, array_values($ready), $late, self::notes($wanted, $schedule, $rings, $ovens));
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
                        'name' => $each->evaluation->recipe->name,
                        'rest' => Quantity::number($rests / 60, 0),
                        'days' => Quantity::number($keeps, 0),
                    ],
                );
            }
        }

        return $notes;
    }
}
