<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use PHPUnit\Framework\TestCase;
use Tests\Support\Seed;
use Vinculum\Log\Ideal;

/** What somebody seems to like, from what they said. */
final class IdealTest extends TestCase
{
    private const TASTES = ['sweet', 'sour', 'salty', 'umami', 'hot'];

    private const MAKERS = 500;

    public function test_before_any_tasting_nothing_is_known(): void
    {
        $ideal = Ideal::of(self::TASTES, []);

        self::assertSame(0.0, $ideal->point('sour')->value);
        self::assertEqualsWithDelta(1.2816 * 1.5, $ideal->point('sour')->spread, 1e-9);
        self::assertFalse($ideal->isKnown('sour'));
    }

    public function test_what_the_spoon_says_is_the_conjugate_form(): void
    {
        // prior 0 ± 1.5, two observations of −2 and −1 ± 1: precision 1/2.25 + 2, mean −3 over it
        $ideal = Ideal::of(self::TASTES, [
            ['at' => ['sour' => 0.0], 'feels' => ['sour' => 2.0], 'liking' => null],
            ['at' => ['sour' => -1.0], 'feels' => ['sour' => 0.0], 'liking' => null],
            ['at' => ['sour' => 1.0], 'feels' => [], 'liking' => null],
            // nothing said of it at all is no observation
            ['at' => ['sour' => 3.0], 'feels' => [], 'liking' => null],
        ]);
        $precision = 1 / 2.25 + 2;

        self::assertEqualsWithDelta(-3 / $precision, $ideal->point('sour')->value, 1e-9);
        self::assertEqualsWithDelta(1.2816 / sqrt($precision), $ideal->point('sour')->spread, 1e-9);
        self::assertTrue($ideal->isKnown('sour'));
        self::assertSame(0.0, $ideal->point('sweet')->value);
    }

    public function test_a_liking_alone_says_nothing_of_any_taste(): void
    {
        $at = ['sweet' => 2.0, 'sour' => 0.0, 'salty' => 0.0, 'umami' => 0.0, 'hot' => 0.0];
        $ideal = Ideal::of(self::TASTES, [
            ['at' => $at, 'feels' => [], 'liking' => 8],
            ['at' => ['sweet' => -2.0] + $at, 'feels' => [], 'liking' => 4],
        ]);

        foreach (self::TASTES as $taste) {
            self::assertSame(0.0, $ideal->point($taste)->value);
            self::assertEqualsWithDelta(1.2816 * Ideal::PRIOR, $ideal->point($taste)->spread, 1e-9);
            self::assertFalse($ideal->isSpokenOf($taste));
        }
    }

    public function test_a_liking_moves_only_what_was_spoken_of_with_it(): void
    {
        $at = ['sweet' => 1.0, 'umami' => 1.0];
        $said = static fn (?int $liking): Ideal => Ideal::of(
            self::TASTES,
            [['at' => $at, 'feels' => ['sweet' => 1.0], 'liking' => $liking]],
        );

        // liked little: it is further off than the spoon said
        self::assertLessThan($said(null)->point('sweet')->value, $said(3)->point('sweet')->value);
        self::assertSame(0.0, $said(3)->point('umami')->value);
        self::assertTrue($said(3)->isSpokenOf('sweet'));
        self::assertFalse($said(3)->isSpokenOf('umami'));
    }

    /**
     * Simulated makers with a hidden ideal, nine tastings each of sauces near the aim, a spoon that is a step unsure.
     */
    public function test_a_hidden_ideal_is_found_within_half_a_step_and_the_intervals_hold(): void
    {
        mt_srand(Seed::of(11));
        $near = $held = $all = 0;
        for ($maker = 0; $maker < self::MAKERS; $maker++) {
            $hidden = array_map(static fn (): float => 1.5 * self::normal(), array_flip(self::TASTES));
            $said = [];
            for ($t = 0; $t < 9; $t++) {
                $at = $feels = [];
                $off = 0.0;
                foreach (self::TASTES as $taste) {
                    $at[$taste] = self::normal();
                    $feels[$taste] = $at[$taste] - $hidden[$taste] + self::normal();
                    $off += ($at[$taste] - $hidden[$taste]) ** 2;
                }
                $said[] = [
                    'at' => $at,
                    'feels' => $feels,
                    'liking'
                        => $t % 2 === 0 ? (int) max(1, min(9, round(8 - 0.35 * $off + 1.2 * self::normal()))) : null,
                ];
            }
            $ideal = Ideal::of(self::TASTES, $said);
            foreach (self::TASTES as $taste) {
                $point = $ideal->point($taste);
                $near += abs($point->value - $hidden[$taste]) <= 0.5 ? 1 : 0;
                $held += $point->low() <= $hidden[$taste] && $hidden[$taste] <= $point->high() ? 1 : 0;
                $all++;
            }
        }

        self::assertGreaterThanOrEqual(0.8, $near / $all);
        self::assertGreaterThanOrEqual(0.75, $held / $all);
        self::assertLessThanOrEqual(0.85, $held / $all);
    }

    private static function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, mt_rand() / mt_getrandmax()))) * cos((2 * M_PI * mt_rand()) / mt_getrandmax());
    }
}
