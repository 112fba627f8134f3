<?php

declare(strict_types=1);

namespace Vinculum\Plan;

/**
 * The latest start that meets every ready time, with one pair of hands, so many rings and so many ovens; of those with
 * the same first start, the one in which the sauces together begin latest, which is the one with least waiting.
 *
 * Without hands, rings and ovens the tasks only follow one another within bounds, and "as late as may be" is then one
 * answer, the latest for every task at once (the shortest paths of a system of difference constraints; Cormen et al.,
 * Introduction to Algorithms, from memory). Where two tasks of that answer want the same hands, one of them has to be
 * first: each order is one branch, and the answer without either is its bound. So the search is exact, and stops after
 * so many branches with the best it has.
 */
final class Scheduler
{
    /** Branches looked at before it settles for the best there is. */
    private const MOST_NODES = 500;

    /** Moves of one task from which on it goes round in a circle. */
    private const MOST_MOVES = 200;

    /** Fires outside: nobody says how many, and one is what there is; judgement. */
    private const GRILLS = 1;

    /** Minutes that are no difference. */
    private const CLOSE = 1e-6;

    /** @var list<float>|null */
    private ?array $best = null;

    /** @var array{float, float} the first start, and the sum of all sauces' starts */
    private array $merit = [-INF, -INF];

    private int $nodes = 0;

    /** @var list<array{list<int>, int}> those who share something, each as its first and last task, and how many may */
    private array $shared = [];

    /** @var list<array{int, int}> first and last task of each stretch on a ring or in an oven */
    private array $stretches = [];

    /**
     * @param list<Task> $tasks sauce by sauce, each in order
     * @param array<int, float> $ready minute each sauce has to be ready
     * @param list<array{float, float}> $nights minutes in which nobody works
     */
    private function __construct(
        private readonly array $tasks,
        private readonly array $ready,
        private readonly int $rings,
        private readonly int $ovens,
        private readonly array $nights,
    ) {
        $hands = [];
        $places = ['ring' => [], 'oven' => [], 'grill' => []];
        foreach ($tasks as $i => $task) {
            if ($task->isHands) {
                $this->stretches[] = [$i, $i];
                $hands[] = count($this->stretches) - 1;
            }
        }
        foreach (array_keys($places) as $place) {
            for ($i = 0; $i < count($tasks); $i++) {
                if ($tasks[$i]->place !== $place) {
                    continue;
                }
                $last = $i;
                while (isset($tasks[$last + 1]) && $tasks[$last + 1]->place === $place
                    && $tasks[$last + 1]->sauce === $tasks[$i]->sauce) {
                    $last++;
                }
                $this->stretches[] = [$i, $last];
                $places[$place][] = count($this->stretches) - 1;
                $i = $last;
            }
        }
        $this->shared = [
            [$hands, 1],
            [$places['ring'], $rings],
            [$places['oven'], $ovens],
            [$places['grill'], self::GRILLS],
        ];
    }

    /**
     * @param list<Task> $tasks sauce by sauce, each in order
     * @param array<int, float> $ready minute each sauce has to be ready, by its number
     * @param int $rings 1 or more
     * @param int $ovens 0 or more
     * @param list<array{float, float}> $nights minutes in which nobody works
     * @return Schedule|null null where nothing meets it, however early one begins
     */
    public static function latest(array $tasks, array $ready, int $rings, int $ovens, array $nights = []): ?Schedule
    {
        $scheduler = new self($tasks, $ready, $rings, $ovens, $nights);
        foreach ($scheduler->shared as [$who, $most]) {
            if ($who !== [] && $most < 1) {
                return null;
            }
        }
        $first = $scheduler->asLateAsMayBe([], $scheduler->freely(), array_keys($tasks));
        if ($first !== null) {
            $scheduler->branch([], $first);
        }

        return $scheduler->best === null
            ? null
            : new Schedule($tasks, $scheduler->best, $scheduler->nodes <= self::MOST_NODES);
    }

    /**
     * @param array<int, list<int>> $orders by task: those that have ended before it begins
     * @param list<float> $starts as late as those allow
     */
    private function branch(array $orders, array $starts): void
    {
        $merit = $this->meritOf($starts);
        if (! $this->isBetter($merit) || ++$this->nodes > self::MOST_NODES) {
            return;
        }
        $clash = $this->clash($starts);
        if ($clash === null) {
            $this->best = $starts;
            $this->merit = $merit;

            return;
        }
        $children = [];
        foreach ($clash as $a) {
            foreach ($clash as $b) {
                [$first, $second] = [$this->stretches[$a][1], $this->stretches[$b][0]];
                if ($this->tasks[$first]->sauce === $this->tasks[$second]->sauce) {
                    continue;
                }
                $with = $orders;
                $with[$second][] = $first;
                $late = $this->asLateAsMayBe($with, $starts, [$second]);
                if ($late !== null) {
                    $children[] = [$this->meritOf($late), $with, $late];
                }
            }
        }
        // the most hopeful first
        usort($children, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach ($children as [, $with, $late]) {
            $this->branch($with, $late);
        }
    }

    /** @return list<float> each as if it were the only one */
    private function freely(): array
    {
        return array_map(fn (Task $task): float => $this->ready[$task->sauce] - $task->minutes, $this->tasks);
    }

    /**
     * The latest start of every task that the bounds and the orders allow.
     *
     * @param array<int, list<int>> $orders
     * @param list<float> $starts none of them too early
     * @param list<int> $touched tasks whose bounds are new
     * @return list<float>|null null where they go round in a circle
     */
    private function asLateAsMayBe(array $orders, array $starts, array $touched): ?array
    {
        $tasks = $this->tasks;
        // each move is to be earlier, and in a circle it would go on for ever
        $left = self::MOST_MOVES * count($tasks);
        while ($touched !== []) {
            if (--$left < 0) {
                return null;
            }
            $i = array_pop($touched);
            $task = $tasks[$i];
            if ($task->isHands && $this->nights !== []) {
                $starts[$i] = $this->awake($starts[$i], $task->minutes);
            }
            $at = $starts[$i];
            if ($at < $this->merit[0] - self::CLOSE) {
                // it would begin before the best that is known
                return null;
            }
            $before = $tasks[$i - 1] ?? null;
            if (
                $before !== null
                && $before->sauce === $task->sauce
                && $starts[$i - 1] > $at - $before->minutes + self::CLOSE
            ) {
                $starts[$i - 1] = $at - $before->minutes;
                $touched[] = $i - 1;
            }
            if ($task->longestWait !== null && isset($tasks[$i + 1]) && $tasks[$i + 1]->sauce === $task->sauce) {
                $latest = $at + $task->minutes + $task->longestWait;
                if ($starts[$i + 1] > $latest + self::CLOSE) {
                    $starts[$i + 1] = $latest;
                    $touched[] = $i + 1;
                }
            }
            foreach ($orders[$i] ?? [] as $first) {
                if ($starts[$first] > $at - $tasks[$first]->minutes + self::CLOSE) {
                    $starts[$first] = $at - $tasks[$first]->minutes;
                    $touched[] = $first;
                }
            }
        }

        return array_values($starts);
    }

    /** So early that nobody works while they sleep. */
    private function awake(float $at, float $minutes): float
    {
        foreach (array_reverse($this->nights) as [$from, $to]) {
            if ($at < $to - self::CLOSE && $at + $minutes > $from + self::CLOSE) {
                $at = $from - $minutes;
            }
        }

        return $at;
    }

    /**
     * More who want the same thing at one time than there are.
     *
     * @param list<float> $starts
     * @return list<int>|null stretches, one too many of them; null where nobody is in anybody's way
     */
    private function clash(array $starts): ?array
    {
        $found = null;
        $latest = -INF;
        foreach ($this->shared as [$who, $most]) {
            foreach ($who as $at) {
                $minute = $starts[$this->stretches[$at][0]];
                if ($minute <= $latest) {
                    continue;
                }
                $there = [];
                foreach ($who as $other) {
                    [$first, $last] = $this->stretches[$other];
                    if ($starts[$first] <= $minute + self::CLOSE
                        && $starts[$last] + $this->tasks[$last]->minutes > $minute + self::CLOSE) {
                        $there[] = $other;
                    }
                }
                if (count($there) > $most) {
                    $found = array_slice($there, 0, $most + 1);
                    $latest = $minute;
                }
            }
        }

        return $found;
    }

    /**
     * @param list<float> $starts
     * @return array{float, float}
     */
    private function meritOf(array $starts): array
    {
        $least = INF;
        $sum = 0.0;
        foreach ($this->tasks as $i => $task) {
            if ($i === 0 || $this->tasks[$i - 1]->sauce !== $task->sauce) {
                $least = min($least, $starts[$i]);
                $sum += $starts[$i];
            }
        }

        return [$least, $sum];
    }

    /** @param array{float, float} $merit */
    private function isBetter(array $merit): bool
    {
        return $merit[0] > $this->merit[0] + self::CLOSE
            || ($merit[0] > $this->merit[0] - self::CLOSE && $merit[1] > $this->merit[1] + self::CLOSE);
    }
}
