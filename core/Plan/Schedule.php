<?php

declare(strict_types=1);

namespace Vinculum\Plan;

/** When each task begins, and whether no better way is known to be there. Minutes on any one clock. */
final readonly class Schedule
{
    /**
     * @param list<Task> $tasks
     * @param list<float> $starts minute each begins
     * @param bool $isProven whether it is the latest start that there is
     */
    public function __construct(public array $tasks, public array $starts, public bool $isProven) {}

    /** The minute the first of a sauce's tasks begins; of all where none is named. */
    public function begins(?int $sauce = null): float
    {
        $begins = INF;
        foreach ($this->tasks as $i => $task) {
            if ($sauce === null || $task->sauce === $sauce) {
                $begins = min($begins, $this->starts[$i]);
            }
        }

        return $begins;
    }

    /** @return list<array{Task, float}> each task and the minute it begins, the first to begin first */
    public function inOrder(): array
    {
        $order = array_map(static fn (Task $task, float $start): array => [$task, $start], $this->tasks, $this->starts);
        usort($order, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return $order;
    }
}
