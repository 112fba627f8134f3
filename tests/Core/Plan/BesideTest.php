<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Batch\Making;
use Vinculum\Plan\Beside;
use Vinculum\Plan\Hours;
use Vinculum\Plan\Task;
use Vinculum\Plan\UnreadableTime;
use Vinculum\Plan\Wanted;
use Vinculum\Plan\WhenToBegin;
use Vinculum\Recipe\Ends;

/** The meal's own things on the clock of the sauces. */
final class BesideTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function said(): iterable
    {
        $rows = file(dirname(__DIR__, 2).'/data/meal.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
        foreach ($rows as $row) {
            if ($row[0] !== '#') {
                [$text, $name, $parts] = array_map(trim(...), explode('|', $row));
                yield $text => [$text, $name, $parts];
            }
        }
    }

    #[DataProvider('said')]
    public function test_it_is_read_as_people_say_it(string $text, string $name, string $parts): void
    {
        $beside = self::read($text);

        self::assertSame($name, $beside->name);
        self::assertSame($parts, implode('; ', array_map(
            static fn (array $part): string => "{$part['is']} {$part['minutes']}",
            $beside->parts,
        )));
    }

    public function test_what_says_no_time_is_refused_with_an_example(): void
    {
        foreach (['keep the mop warm', '', 'chicken', 'grill 0 min'] as $text) {
            try {
                self::read($text);
                self::fail("“{$text}” was read");
            } catch (UnreadableTime $why) {
                self::assertStringContainsString('25 min', $why->getMessage());
            }
        }
    }

    /** Two pots and a grill at once: one pair of hands, and all of it on the table together. */
    public function test_a_meal_is_ready_together_by_one_pair_of_hands(): void
    {
        $simmered = ['process' => ['kind' => 'simmer', 'minutes' => 25]];
        $plan = WhenToBegin::of(
            [
                Wanted::sauce(Sauce::evaluate(['tomato' => '1 kg'], $simmered), null, new Making(ends: Ends::Hot)),
                Wanted::sauce(Sauce::evaluate(['plum' => '600 g'], $simmered), null, new Making(ends: Ends::Hot)),
                Wanted::beside(self::read('chicken on the grill 25 min, rests 5'), null),
            ],
            600.0,
            2,
            1,
            new Hours('UTC'),
        );

        self::assertNotNull($plan->schedule);
        self::assertSame([], $plan->notes);
        self::assertCount(1, array_unique($plan->ready), 'eaten together');
        $busy = [];
        foreach ($plan->schedule->inOrder() as [$task, $start]) {
            if ($task->isHands) {
                self::assertGreaterThanOrEqual(end($busy) ?: 0.0, $start + 1e-6, $task->label);
                $busy[] = $start + $task->minutes;
            }
        }
        $kinds = array_map(static fn (Task $task): string => $task->label, $plan->schedule->tasks);
        self::assertContains('put it on', $kinds);
        self::assertContains('take it off', $kinds);
    }

    public function test_one_fire_takes_one_thing_at_a_time(): void
    {
        $plan = WhenToBegin::of(
            [
                Wanted::beside(self::read('ribs on the grill 60 min'), 1000.0),
                Wanted::beside(self::read('corn on the grill 20 min'), 1000.0),
            ],
            0.0,
            2,
            1,
            new Hours('UTC', '7:00', '7:00'),
        );
        self::assertNotNull($plan->schedule);
        $on = [];
        foreach ($plan->schedule->inOrder() as [$task, $start]) {
            if ($task->place === 'grill') {
                self::assertGreaterThanOrEqual(end($on) ?: -INF, $start + 1e-6);
                $on[] = $start + $task->minutes;
            }
        }
        self::assertCount(2, $on);
    }

    public function test_what_is_late_says_what_to_leave_out_and_the_rest_of_a_hot_sauce_is_left_out_at_once(): void
    {
        $sauce = Sauce::evaluate(['tomato' => '1 kg'], [
            'process' => ['kind' => 'simmer', 'minutes' => 20],
            'rest_better_minutes' => 600,
        ]);
        $hours = new Hours('UTC', '7:00', '7:00');
        $late = WhenToBegin::of([Wanted::sauce($sauce, 300.0, new Making(ends: Ends::Cold))], 0.0, 2, 1, $hours);
        self::assertTrue($late->isLate[0]);
        $said = implode(' ', array_map(Say::it(...), $late->notes));
        self::assertMatchesRegularExpression('/leave \S+ .* out of what it is to rest \(10 h/', $said);

        $hot = WhenToBegin::of([Wanted::sauce($sauce, 300.0, new Making(ends: Ends::Hot))], 0.0, 2, 1, $hours);
        self::assertFalse($hot->isLate[0]);
        self::assertSame([], $hot->notes);
    }

    private static function read(string $text): Beside
    {
        return Beside::read($text, Sauce::catalogue()->vocabulary);
    }
}
