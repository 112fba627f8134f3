<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Plan\Hours;
use Vinculum\Plan\Schedule;
use Vinculum\Plan\Scheduler;
use Vinculum\Plan\Task;
use Vinculum\Plan\Tasks;
use Vinculum\Plan\UnreadableTime;
use Vinculum\Plan\Wanted;
use Vinculum\Plan\WhenToBegin;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Stove\Clock;

/** When to begin: properties that hold of every plan; that it is the latest is checked against milp in ScheduleTest. */
final class SchedulerTest extends TestCase
{
    public function test_hands_never_overlap_ready_is_met_and_what_follows_follows(): void
    {
        mt_srand(3);
        for ($i = 0; $i < 40; $i++) {
            [$tasks, $ready] = self::random(mt_rand(1, 4));
            $schedule = Scheduler::latest($tasks, $ready, 2, 1);
            if ($schedule === null) {
                continue;
            }
            self::assertHolds($schedule, $ready);
        }
    }

    public function test_another_ring_never_hurts(): void
    {
        mt_srand(4);
        $better = 0;
        for ($i = 0; $i < 30; $i++) {
            [$tasks, $ready] = self::random(3);
            $one = Scheduler::latest($tasks, $ready, 1, 1);
            $two = Scheduler::latest($tasks, $ready, 2, 1);
            if ($one !== null && $one->isProven) {
                self::assertNotNull($two);
                self::assertGreaterThanOrEqual($one->begins() - 1e-6, $two->begins());
                $better += $two->begins() > $one->begins() + 1 ? 1 : 0;
            }
        }
        self::assertGreaterThan(0, $better, 'and sometimes it helps');
    }

    public function test_nobody_works_while_they_sleep_but_a_pot_may_soak(): void
    {
        $tasks = [
            new Task(0, [], 'hands', 'put in', null, 20.0, true, null, 20.0),
            new Task(0, [], 'wait', 'soak', null, 600.0, false, null, 300.0),
            new Task(0, [], 'hands', 'blend', null, 15.0, true, null, null),
        ];
        $schedule = Scheduler::latest($tasks, [0 => 720.0], 1, 1, [[-90.0, 420.0]]);

        // at 720 − 15 − 600 − 20 it is night, so it is begun before
        self::assertSame(
            [-110.0, -90.0, 705.0],
            [$schedule?->starts[0], $schedule?->starts[0] + 20, $schedule?->starts[2]],
        );
        self::assertSame(-70.0, $schedule->starts[1], 'it stands for as long as it may before it soaks');
    }

    public function test_what_cannot_be_is_put_off_to_the_nearest_time_that_can_be(): void
    {
        $hours = new Hours('Europe/Berlin', '7:00', '7:00');
        $now = $hours->minute('2026-11-28 11:00');
        $ketchup = self::evaluated('Ketchup', ['kind' => 'simmer', 'minutes' => 40]);
        $soon = WhenToBegin::of([Wanted::sauce($ketchup, $hours->minute('2026-11-28 11:30'))], $now, 2, 1, $hours);
        $later = WhenToBegin::of([Wanted::sauce($ketchup, $hours->minute('2026-11-28 18:00'))], $now, 2, 1, $hours);
        $asSoon = WhenToBegin::of([Wanted::sauce($ketchup, null)], $now, 2, 1, $hours);

        self::assertTrue($soon->isLate[0]);
        self::assertEqualsWithDelta($now, $soon->schedule?->begins(), 0.6);
        self::assertFalse($later->isLate[0]);
        self::assertEqualsWithDelta($soon->ready[0], $asSoon->ready[0], 1.0);
        self::assertFalse($asSoon->isLate[0]);
    }

    public function test_a_rest_longer_than_it_keeps_is_said(): void
    {
        $hours = new Hours('UTC');
        $raw = self::evaluated(
            'Raw',
            ['kind' => 'none'],
            [
                ['id' => 'y', 'ingredient' => 'egg-yolk', 'amount' => '60 g'],
                ['id' => 'o', 'ingredient' => 'sunflower-oil', 'amount' => '200 g'],
            ],
            4000,
        );
        $plan = WhenToBegin::of(
            [Wanted::sauce($raw, $hours->minute('2026-12-20 12:00'))],
            $hours->minute('2026-11-28 11:00'),
            2,
            1,
            $hours,
        );

        self::assertStringContainsString('cannot rest for 67 hours', Say::it($plan->notes[0]));
    }

    public function test_a_roast_needs_an_oven(): void
    {
        $hours = new Hours('UTC');
        $roast = self::evaluated('Roast', ['kind' => 'roast', 'minutes' => 30]);
        $plan = WhenToBegin::of([Wanted::sauce($roast, null)], 0.0, 2, 0, $hours);

        self::assertNull($plan->schedule);
        self::assertStringContainsString('there is no oven', Say::it($plan->notes[0]));
    }

    public function test_what_begins_first_is_listed_first_whatever_the_clock_on_the_wall_says(): void
    {
        $task = static fn (string $label): Task => new Task(0, [], 'hands', $label, null, 10.0, true, null, null);
        $hours = new Hours('Europe/Berlin');
        // 2:50 in summer, and twenty minutes on it is 2:10
        $first = (new \DateTimeImmutable('2026-10-25T00:50:00Z'))->getTimestamp() / 60;
        $schedule = new Schedule([$task('later'), $task('sooner')], [$first + 20, $first], true);

        self::assertSame(
            ['sooner', 'later'],
            array_map(static fn (array $each): string => $each[0]->label, $schedule->inOrder()),
        );
        self::assertSame(
            ['2:50', '2:10'],
            array_map(static fn (array $each): string => $hours->at($each[1])->format('G:i'), $schedule->inOrder()),
        );
    }

    public function test_the_clocks_go_back_and_an_hour_is_an_hour(): void
    {
        $hours = new Hours('Europe/Berlin', '7:00', '22:30');

        // 25 hours from noon to noon over the last Sunday of October, 23 over that of March
        self::assertSame(1500.0, $hours->minute('2026-10-25 12:00') - $hours->minute('2026-10-24 12:00'));
        self::assertSame(1380.0, $hours->minute('2026-03-29 12:00') - $hours->minute('2026-03-28 12:00'));
        $noon = $hours->minute('2026-10-24 12:00');
        $night = array_values(
            array_filter($hours->nights($noon, $noon + 1440), static fn (array $night): bool => $night[0] > $noon),
        )[0];
        self::assertSame(9.5 * 60, $night[1] - $night[0]);
        self::assertSame($hours->minute('2026-10-24 22:30'), $night[0]);
        // to bed after midnight
        $late = (new Hours('UTC', '9:00', '0:30'))->nights(0.0, 1440.0);
        self::assertSame(8.5 * 60, $late[0][1] - $late[0][0]);
    }

    public function test_a_time_or_a_zone_that_cannot_be_read_is_said(): void
    {
        $hours = new Hours('UTC');
        foreach (['tomorrow', '2026-13-01 12:00', '2026-02-30 12:00', '2026-11-29 25:00', ''] as $text) {
            try {
                $hours->minute($text);
                self::fail("“{$text}” was read");
            } catch (UnreadableTime $why) {
                self::assertStringContainsString('2026-11-29 12:00', $why->getMessage());
            }
        }
        $this->expectException(UnreadableTime::class);
        new Hours('Mars/Base');
    }

    public function test_tasks_are_the_steps_each_once_and_hands_at_a_stretch_are_one(): void
    {
        $tasks = Tasks::of(0, self::evaluated('Ketchup', ['kind' => 'simmer', 'minutes' => 40]), null, new Clock([
            'gather' => 2.0,
            'prepare' => 2.0,
            'add' => 2.0,
        ]));
        $steps = array_merge(...array_map(static fn (Task $task): array => $task->steps, $tasks));

        self::assertSame($steps, array_values(array_unique($steps)));
        foreach (array_slice($tasks, 1) as $i => $task) {
            self::assertFalse($task->isHands && $tasks[$i]->isHands);
        }
        self::assertEqualsWithDelta(
            2 * Tasks::of(0, self::evaluated('Ketchup', ['kind' => 'simmer', 'minutes' => 40]))[0]->minutes,
            $tasks[0]->minutes,
            1e-9,
        );
    }

    public function test_a_hob_that_is_known_says_how_long_a_reduction_takes(): void
    {
        $sauce = self::evaluated('Ketchup', ['kind' => 'simmer', 'until' => ['loss_percent' => 30]]);
        $usual = Tasks::of(0, $sauce);
        $known = Tasks::of(
            0,
            $sauce,
            null,
            new Clock([], ['simmer medium 24 cm' => new Figure(11.0, 0.05, 'g/min')]),
        );

        self::assertEqualsWithDelta($sauce->cooked->stages[0]->heatingMinutes + 330 / 11.0, $known[1]->minutes, 0.01);
        self::assertNotEqualsWithDelta($usual[1]->minutes, $known[1]->minutes, 1.0);
    }

    /**
     * @param array<string, mixed> $process
     * @param list<array<string, mixed>>|null $lines
     */
    private static function evaluated(
        string $name,
        array $process,
        ?array $lines = null,
        ?float $rest = null,
    ): Evaluation {
        $lines ??= [
            ['id' => 't', 'ingredient' => 'tomato', 'amount' => '1 kg'],
            ['id' => 'v', 'ingredient' => 'cider-vinegar', 'amount' => '100 g'],
        ];

        return Evaluation::of(
            RecipeDocument::read([
                'format' => 'vinculum-recipe',
                'version' => 2,
                'name' => $name,
                'stages' => [
                    ['id' => 's', 'lines' => $lines, 'process' => $process]
                    + ($rest === null ? [] : ['rest_better_minutes' => $rest]),
                ],
            ]),
            Sauce::catalogue(),
            null,
        );
    }

    /** @return array{list<Task>, array<int, float>} */
    private static function random(int $sauces): array
    {
        $tasks = [];
        $ready = [];
        for ($sauce = 0; $sauce < $sauces; $sauce++) {
            $ready[$sauce] = (float) mt_rand(0, 90);
            for ($t = 0; $t < 4; $t++) {
                $isHands = $t % 2 === 0;
                $tasks[] = new Task(
                    $sauce,
                    [],
                    'x',
                    '',
                    null,
                    (float) mt_rand(4, 30),
                    $isHands,
                    $isHands ? null : ['ring', 'oven', 'ring'][mt_rand(0, 2)],
                    [5.0, 20.0, null][mt_rand(0, 2)],
                );
            }
        }

        return [$tasks, $ready];
    }

    /** @param array<int, float> $ready */
    private static function assertHolds(Schedule $schedule, array $ready): void
    {
        $hands = [];
        foreach ($schedule->tasks as $i => $task) {
            $end = $schedule->starts[$i] + $task->minutes;
            self::assertLessThanOrEqual($ready[$task->sauce] + 1e-6, $end);
            $next = $schedule->tasks[$i + 1] ?? null;
            if ($next !== null && $next->sauce === $task->sauce) {
                self::assertGreaterThanOrEqual($end - 1e-6, $schedule->starts[$i + 1]);
                self::assertLessThanOrEqual($end + ($task->longestWait ?? INF) + 1e-6, $schedule->starts[$i + 1]);
            }
            if ($task->isHands) {
                $hands[] = [$schedule->starts[$i], $end];
            }
        }
        sort($hands);
        foreach (array_slice($hands, 1) as $i => [$start]) {
            self::assertGreaterThanOrEqual($hands[$i][1] - 1e-6, $start);
        }
    }
}
