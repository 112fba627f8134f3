<?php

declare(strict_types=1);

namespace Tests\Core\Cooking;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Cooking\Hob;
use Vinculum\Cooking\StageReport;
use Vinculum\Cooking\StopGuide;
use Vinculum\Figure\Figure;

/** How to know that a reduction is done: by weight, by depth, by time. */
final class StopGuideTest extends TestCase
{
    public function test_weight_depth_and_time_tell_of_the_same_pot(): void
    {
        $report = self::report(['kind' => 'simmer', 'until' => ['loss_percent' => 40], 'pan_cm' => 24]);
        $guide = StopGuide::of($report) ?? self::fail('It is reduced.');

        self::assertEqualsWithDelta(600.0, $guide->grams->value, 1e-6);
        $area = M_PI * 12 ** 2;
        self::assertEqualsWithDelta((10 * $report->volumeAfter) / $area, $guide->depthAfter->value, 1e-9);
        self::assertEqualsWithDelta((10 * $report->volumeBefore) / $area, $guide->depthBefore, 1e-9);
        self::assertGreaterThan($guide->depthAfter->value, $guide->depthBefore);
        self::assertEqualsWithDelta(400.0 / ($report->gramsPerMinute ?? 1.0), $guide->minutes?->value, 1e-9);
        self::assertEqualsWithDelta(
            exp(Hob::SPREAD),
            ($guide->minutes?->high() ?? 0.0) / ($guide->minutes->value ?? 1.0),
            1e-9,
            'no two hobs agree',
        );
    }

    public function test_a_wider_pan_is_shallower_and_faster(): void
    {
        $guides = array_map(
            static fn (float $pan): ?StopGuide => StopGuide::of(
                self::report(['kind' => 'simmer', 'until' => ['loss_percent' => 30], 'pan_cm' => $pan]),
            ),
            [16.0, 20.0, 28.0, 36.0],
        );
        for ($i = 1; $i < count($guides); $i++) {
            self::assertLessThan($guides[$i - 1]?->depthAfter->value, $guides[$i]?->depthAfter->value);
            self::assertLessThan($guides[$i - 1]?->minutes?->value, $guides[$i]?->minutes?->value);
            self::assertEqualsWithDelta(
                $guides[$i - 1]->grams->value ?? 0.0,
                $guides[$i]->grams->value ?? 1.0,
                1e-6,
                'it weighs the same in any pan',
            );
        }
    }

    public function test_by_the_clock_the_minutes_are_as_said_and_the_weight_is_in_doubt(): void
    {
        $clock
            = StopGuide::of(self::report(['kind' => 'simmer', 'minutes' => 20])) ?? self::fail('It boils off.');
        $weight
            = StopGuide::of(self::report(['kind' => 'simmer', 'until' => ['loss_percent' => 10]]))
            ?? self::fail('It is reduced.');

        self::assertSame([20.0, 20.0], [$clock->minutes?->value, $clock->minutes?->high()]);
        $width = static fn (StopGuide $guide): float => log($guide->grams->high() / $guide->grams->low());
        self::assertGreaterThan($width($weight), $width($clock));
    }

    public function test_twice_as_long_takes_off_twice_as_much_and_never_more_than_all(): void
    {
        $report = self::report(['kind' => 'simmer', 'until' => ['loss_percent' => 40]]);

        self::assertEqualsWithDelta(2.0, StopGuide::lostIn($report, 20.0) / StopGuide::lostIn($report, 10.0), 1e-9);
        self::assertSame(0.0, StopGuide::lostIn($report, 0.0));
        self::assertSame(1.0, StopGuide::lostIn($report, 1e6));
    }

    public function test_what_is_not_reduced_has_nowhere_to_stop(): void
    {
        self::assertNull(StopGuide::of(self::report(['kind' => 'blend'])));
        self::assertNull(StopGuide::of(self::report(['kind' => 'simmer', 'minutes' => 10, 'lid' => true])));
    }

    /** @param array<string, mixed> $process */
    private static function report(array $process): StageReport
    {
        return Sauce::evaluate(['water' => '900 g', 'sugar' => '100 g'], ['process' => $process])->cooked->stages[0];
    }

    public function test_a_hob_that_was_weighed_says_its_own_minutes_and_knows_them_better(): void
    {
        $stage = [
            'process' => ['kind' => 'simmer', 'heat' => 'low', 'pan_cm' => 24, 'until' => ['loss_percent' => 30]],
        ];
        $report = Sauce::evaluate(['passata' => '1 kg'], $stage)->cooked->stages[0];
        $process = $report->stage->process;
        self::assertNotNull($process);
        $hobs = ['simmer low 24 cm' => new Figure(2 * (float) $report->gramsPerMinute, 0.05, 'g/min')];
        $usual = StopGuide::of($report)?->minutes;
        $learned = StopGuide::of($report, Hob::learned($process, $hobs))?->minutes;

        self::assertNotNull($usual);
        self::assertNotNull($learned);
        self::assertEqualsWithDelta($usual->value / 2, $learned->value, 1e-9);
        self::assertLessThan($usual->high() / $usual->low(), $learned->high() / $learned->low());
        // of another setting, another pan or nothing on the heat nobody knows
        self::assertNull(Hob::learned($process, ['simmer high 24 cm' => $hobs['simmer low 24 cm']]));
        self::assertNull(Hob::learned(null, $hobs));
    }
}
