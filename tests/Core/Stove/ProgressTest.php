<?php

declare(strict_types=1);

namespace Tests\Core\Stove;

use PHPUnit\Framework\TestCase;
use Vinculum\Figure\Figure;
use Vinculum\Stove\Event;
use Vinculum\Stove\Progress;
use Vinculum\Stove\Step;
use Vinculum\Stove\StepKind;

/** What the events of a cook come to. Times are minutes after it began. */
final class ProgressTest extends TestCase
{
    public function test_a_step_passed_over_was_begun_and_left_when_the_next_was_gone_to(): void
    {
        $progress = $this->of([[4, 'step', ['to' => 'c']]]);

        self::assertSame('c', $progress->step);
        self::assertSame(['a' => 0.0, 'b' => 4.0, 'c' => 4.0], $progress->began);
        self::assertEquals(['a' => 4.0, 'b' => 4.0], $progress->ended);
    }

    public function test_gone_back_a_step_is_open_again_and_began_when_it_first_did(): void
    {
        $progress = $this->of([[4, 'step', ['to' => 'b']], [9, 'step', ['to' => 'c']], [11, 'step', ['to' => 'b']]]);

        self::assertSame(4.0, $progress->began['b']);
        self::assertArrayNotHasKey('b', $progress->ended);
        self::assertSame(4.0, $progress->ended['a']);
        self::assertSame(
            ['b', 'c', 'b'],
            array_map(fn (float $at): ?string => $progress->during($this->steps(), $at)?->id, [5.0, 10.0, 12.0]),
        );
        self::assertSame('a', $progress->during($this->steps(), 0.0)?->id);
    }

    public function test_what_is_taken_back_never_was(): void
    {
        $progress = $this->of([
            [1, 'tick', ['line' => 'salt', 'done' => true]],
            [2, 'timer', ['minutes' => 5]],
            [3, 'taken_back', ['event' => 1]],
            [4, 'timer_off', ['event' => 2]],
        ]);

        self::assertSame([], $progress->ticked);
        self::assertSame([], $progress->timers);
        self::assertCount(2, $progress->events);
    }

    public function test_a_step_that_is_none_of_its_own_moves_nothing(): void
    {
        self::assertSame('a', $this->of([[4, 'step', ['to' => 'somewhere']]])->step);
    }

    public function test_a_clock_at_sixty_times_its_speed_and_back(): void
    {
        $progress = Progress::of($this->steps(), [], 1000.0, 60.0);

        self::assertSame(30.0, $progress->minute(1030.0));
        foreach ([0.0, 1.5, 300.0] as $minute) {
            self::assertEqualsWithDelta($minute, $progress->minute($progress->at($minute)), 1e-9);
        }
    }

    /**
     * Whatever happened, in whatever order: what was left was begun, nothing was left before it was begun, and one
     * step is now.
     */
    public function test_however_somebody_jumps_about_the_times_hang_together(): void
    {
        mt_srand(5);
        for ($run = 0; $run < 200; $run++) {
            $events = [];
            $minute = 0;
            for ($i = 0; $i < 12; $i++) {
                $minute += mt_rand(0, 9);
                $events[]
                    = mt_rand(0, 5) === 0 && $i > 0
                        ? [$minute, 'taken_back', ['event' => mt_rand(1, $i)]]
                        : [$minute, 'step', ['to' => ['a', 'b', 'c', 'd'][mt_rand(0, 3)]]];
            }
            $progress = $this->of($events);
            self::assertArrayHasKey($progress->step, $progress->began);
            self::assertArrayNotHasKey($progress->step, $progress->ended);
            foreach ($progress->ended as $id => $at) {
                self::assertGreaterThanOrEqual($progress->began[$id], $at);
                self::assertLessThan(
                    array_search($progress->step, ['a', 'b', 'c', 'd'], true),
                    array_search($id, ['a', 'b', 'c', 'd'], true),
                );
            }
        }
    }

    /** @param list<array{int, value-of<Event::KINDS>, array<string, mixed>}> $events */
    private function of(array $events): Progress
    {
        return Progress::of(
            $this->steps(),
            array_map(
                static fn (array $event, int $at): Event => new Event($at + 1, $event[0] * 60.0, $event[1], $event[2]),
                $events,
                array_keys($events),
            ),
            0.0,
            1.0,
        );
    }

    /** @return list<Step> */
    private function steps(): array
    {
        return array_map(
            static fn (string $id): Step => new Step(
                $id,
                StepKind::Add,
                $id,
                null,
                [],
                [],
                [],
                [],
                new Figure(1.0, 0.4, 'min'),
                true,
                null,
            ),
            ['a', 'b', 'c', 'd'],
        );
    }
}
