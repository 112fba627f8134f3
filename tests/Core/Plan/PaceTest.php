<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Plan\Pace;
use Vinculum\Stove\Cook;
use Vinculum\Stove\Event;

/** How long this household's hands take, from what it cooked. */
final class PaceTest extends TestCase
{
    public function test_hands_that_take_twice_as_long_are_twice_as_slow_and_the_pot_is_no_hand(): void
    {
        $usual = $this->cook(1.0, 40.0);
        $slow = $this->cook(2.0, 40.0);

        self::assertEqualsWithDelta(0.0, Pace::ofCook($usual), 1e-9);
        self::assertEqualsWithDelta(log(2), Pace::ofCook($slow), 1e-9);
        self::assertSame(
            Pace::ofCook($slow),
            Pace::ofCook($this->cook(2.0, 400.0)),
            'a pot that simmers for long is no slow hand',
        );
    }

    public function test_a_step_that_was_left_open_over_lunch_says_nothing(): void
    {
        self::assertNull(Pace::ofCook($this->cook(5.0, 40.0)));
        self::assertNull(
            Pace::ofCook(Cook::of(Sauce::of(['plum' => '1 kg']), [], 0.0, 1.0, 60.0, Sauce::catalogue(), null)),
        );
    }

    public function test_who_only_taps_through_a_cook_teaches_nothing(): void
    {
        self::assertNull(Pace::ofCook($this->cook(0.01, 40.0)));
        self::assertNull(Pace::ofCook($this->cook(0.2, 40.0)));
        self::assertEqualsWithDelta(log(0.5), Pace::ofCook($this->cook(0.5, 40.0)), 1e-9, 'quick hands are believed');
    }

    public function test_one_cook_moves_it_a_little_and_many_move_it_nearly_all_the_way(): void
    {
        self::assertSame(1.0, Pace::of([]));
        self::assertEqualsWithDelta(2 ** (1 / 4), Pace::of([log(2)]), 1e-9);
        self::assertEqualsWithDelta(2 ** (12 / 15), Pace::of(array_fill(0, 12, log(2))), 1e-9);
        self::assertLessThan(1.0, Pace::of([log(0.5)]));
        self::assertSame(1.0, Pace::of([log(0.01)]), 'learned from tapping, before that was known');
    }

    /** Every step by hand takes so many times as long as usual, and the heat so many minutes. */
    private function cook(float $times, float $heat): Cook
    {
        $recipe = Sauce::of(
            ['plum' => '1 kg', 'white-sugar' => '200 g'],
            ['process' => ['kind' => 'simmer', 'minutes' => 40]],
        );
        $steps = Cook::of($recipe, [], 0.0, 1.0, 0.0, Sauce::catalogue(), null)->steps;
        $minute = 0.0;
        $events = [];
        foreach ($steps as $i => $step) {
            $minute += $step->isHands ? $times * $step->minutes->value : $heat;
            if (isset($steps[$i + 1])) {
                $events[] = new Event($i + 1, 60 * $minute, 'step', ['to' => $steps[$i + 1]->id]);
            }
        }

        return Cook::of($recipe, $events, 0.0, 1.0, 60 * $minute, Sauce::catalogue(), null);
    }
}
