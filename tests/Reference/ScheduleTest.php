<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\TestCase;
use Tests\Support\SciPy;
use Vinculum\Plan\Scheduler;
use Vinculum\Plan\Task;

/** When to begin, against mixed integer programming: SciPy's milp (HiGHS), a general-purpose solver. */
final class ScheduleTest extends TestCase
{
    private const INSTANCES = 60;

    public function test_the_latest_start_is_the_one_milp_finds(): void
    {
        mt_srand(17);
        $problems = [];
        $ours = [];
        for ($i = 0; $i < self::INSTANCES; $i++) {
            [$tasks, $ready] = self::random(mt_rand(1, 3));
            $rings = mt_rand(1, 2);
            $problems[] = self::problem($tasks, $ready, $rings, 1);
            $ours[] = Scheduler::latest($tasks, $ready, $rings, 1);
        }
        $theirs = SciPy::run('schedule.py', $problems);
        self::assertCount(self::INSTANCES, $theirs);
        $agreed = 0;
        foreach ($theirs as $i => $best) {
            if ($best === null) {
                self::assertNull($ours[$i], "instance {$i}: milp finds no way");
                $agreed++;
                continue;
            }
            self::assertNotNull($ours[$i], "instance {$i}");
            self::assertTrue($ours[$i]->isProven, "instance {$i}");
            self::assertEqualsWithDelta($best[0], $ours[$i]->begins(), 0.01, "instance {$i}: the first start");
            $sum = 0.0;
            foreach (array_unique(array_map(static fn (Task $task): int => $task->sauce, $ours[$i]->tasks)) as $sauce) {
                $sum += $ours[$i]->begins($sauce);
            }
            self::assertEqualsWithDelta($best[1], $sum, 0.05, "instance {$i}: all starts together");
            $agreed++;
        }
        self::assertSame(self::INSTANCES, $agreed);
    }

    /** @return array{list<Task>, array<int, float>} */
    private static function random(int $sauces): array
    {
        $tasks = [];
        $ready = [];
        for ($sauce = 0; $sauce < $sauces; $sauce++) {
            $ready[$sauce] = (float) mt_rand(0, 120);
            $count = mt_rand(2, 5);
            for ($t = 0; $t < $count; $t++) {
                $isHands = $t % 2 === 0;
                $place = [null, 'ring', 'ring', 'oven'][mt_rand(0, 3)];
                $tasks[] = new Task(
                    $sauce,
                    [],
                    'x',
                    "{$sauce}.{$t}",
                    null,
                    (float) mt_rand(3, 40),
                    $isHands,
                    $isHands && mt_rand(0, 2) > 0 ? null : $place,
                    [0.0, 5.0, 20.0, null][mt_rand(0, 3)],
                );
            }
        }

        return [$tasks, $ready];
    }

    /**
     * @param list<Task> $tasks
     * @param array<int, float> $ready
     * @return array<string, mixed>
     */
    private static function problem(array $tasks, array $ready, int $rings, int $ovens): array
    {
        $at = ['hands' => [], 'ring' => [], 'oven' => []];
        foreach ($tasks as $i => $task) {
            if ($task->isHands) {
                $at['hands'][] = [$i, $i];
            }
        }
        foreach (['ring', 'oven'] as $place) {
            for ($i = 0; $i < count($tasks); $i++) {
                if ($tasks[$i]->place === $place) {
                    $last = $i;
                    while (
                        ($tasks[$last + 1]->place ?? null) === $place
                        && $tasks[$last + 1]->sauce === $tasks[$i]->sauce
                    ) {
                        $last++;
                    }
                    $at[$place][] = [$i, $last];
                    $i = $last;
                }
            }
        }

        return [
            'tasks' => array_map(
                static fn (Task $task): array => [
                    'sauce' => $task->sauce,
                    'minutes' => $task->minutes,
                    'wait' => $task->longestWait,
                ],
                $tasks,
            ),
            'ready' => array_values($ready),
            'rings' => $rings,
            'ovens' => $ovens,
        ] + $at;
    }
}
