<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Plan\Pace;
use Vinculum\Stove\Clock;
use Vinculum\Stove\Cook;
use Vinculum\Stove\Event;

/** How long this household's hands take, from what it cooked. */
final class PaceTest extends TestCase
{
    public function test_hands_that_take_twice_as_long_are_twice_as_slow_and_the_pot_is_no_hand(): void
    {
        foreach (Pace::ofCook($this->cook(1.0, 40.0)) as $kind => $pace) {
            self::assertEqualsWithDelta(0.0, $pace, 1e-9, $kind);
        }
        $slow = Pace::ofCook($this->cook(2.0, 40.0));
        self::assertEqualsCanonicalizing(['gather', 'prepare', 'add', 'taste'], array_keys($slow));
        foreach ($slow as $kind => $pace) {
            self::assertEqualsWithDelta(log(2), $pace, 1e-9, $kind);
        }
        $long = Pace::ofCook($this->cook(2.0, 400.0));
        self::assertEqualsWithDelta($slow, $long, 1e-9, 'a pot that simmers for long is no slow hand');
    }

    public function test_a_step_that_was_left_open_over_lunch_says_nothing(): void
    {
        self::assertSame([], Pace::ofCook($this->cook(5.0, 40.0)));
        self::assertSame(
            [],
            Pace::ofCook(Cook::of(Sauce::of(['plum' => '1 kg']), [], 0.0, 1.0, 60.0, Sauce::catalogue(), null)),
        );
    }

    public function test_who_only_taps_through_a_cook_teaches_nothing(): void
    {
        self::assertSame([], Pace::ofCook($this->cook(0.01, 40.0)));
        self::assertSame([], Pace::ofCook($this->cook(0.3, 40.0)), 'less than a third of what it takes');
        self::assertEqualsWithDelta(log(0.5), Pace::ofCook($this->cook(0.5, 40.0))['prepare'], 1e-9);
    }

    public function test_one_cook_moves_it_a_little_and_many_move_it_nearly_all_the_way(): void
    {
        self::assertSame([], Pace::of([]));
        self::assertEqualsWithDelta(['prepare' => 2 ** (1 / 4)], Pace::of([['prepare' => log(2)], []]), 1e-9);
        self::assertEqualsWithDelta(
            ['prepare' => 2 ** (12 / 15)],
            Pace::of(array_fill(0, 12, ['prepare' => log(2)])),
            1e-9,
        );
    }

    /** What was learned is in the minutes, and is not learned a second time from them. */
    public function test_hands_that_go_on_as_they_were_known_to_stay_as_they_were(): void
    {
        $clock = new Clock(['prepare' => 0.5]);
        $cook = $this->cook(1.0, 40.0, $clock);

        self::assertEqualsWithDelta(log(0.5), Pace::ofCook($cook)['prepare'], 1e-9);
        self::assertEqualsWithDelta(0.0, Pace::ofCook($cook)['gather'], 1e-9);
        self::assertSame(['prepare' => 0.5], Pace::told(['prepare' => 0.5, 'gather' => 0.95]));
    }

    /** Every step by hand takes so many times as long as it is held to, and the heat so many minutes. */
    private function cook(float $times, float $heat, ?Clock $clock = null): Cook
    {
        $recipe = Sauce::of(
            ['plum' => '1 kg', 'white-sugar' => '200 g'],
            ['process' => ['kind' => 'simmer', 'minutes' => 40]],
        );
        $steps = Cook::of($recipe, [], 0.0, 1.0, 0.0, Sauce::catalogue(), null, $clock)->steps;
        $minute = 0.0;
        $events = [];
        foreach ($steps as $i => $step) {
            $minute += $step->isHands ? $times * $step->minutes->value : $heat;
            if (isset($steps[$i + 1])) {
                $events[] = new Event($i + 1, 60 * $minute, 'step', ['to' => $steps[$i + 1]->id]);
            }
        }

        return Cook::of($recipe, $events, 0.0, 1.0, 60 * $minute, Sauce::catalogue(), null, $clock);
    }
}
