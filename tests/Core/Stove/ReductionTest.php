<?php

declare(strict_types=1);

namespace Tests\Core\Stove;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vinculum\Figure\Figure;
use Vinculum\Stove\Reduction;

/** A pot that boils down, followed by weighings. */
final class ReductionTest extends TestCase
{
    private const POTS = 1000;

    private const Z = 1.2816;

    public function test_a_weighing_moves_height_and_rate_as_the_conjugate_form_does(): void
    {
        $reduction = Reduction::begins(2000.0, 0.03, new Figure(12.0, 0.4, 'g/min'), 8.0, true)->weighed(
            20.0,
            1870.0,
            4.0,
        );

        // by the information form: precision = prior precision + hᵀh/σ², solved by Cramer's rule
        [$vk, $vm, $vt] = [((12.0 * 0.4) / self::Z) ** 2, ((2000.0 * 0.03) / self::Z) ** 2, 0.7 ** 2];
        [$a, $b, $d] = [$vm + 64 * $vk + 144 * $vt, 8 * $vk, $vk];
        $det = $a * $d - $b * $b;
        [$pa, $pb, $pd] = [$d / $det, -$b / $det, $a / $det];
        $noise = (4.0 / self::Z) ** 2;
        $qa = $pa + 1 / $noise;
        $qb = $pb - 20 / $noise;
        $qd = $pd + 400 / $noise;
        $ya = $pa * 2096.0 + $pb * 12.0 + 1870.0 / $noise;
        $yb = $pb * 2096.0 + $pd * 12.0 - (20 * 1870.0) / $noise;
        $det = $qa * $qd - $qb * $qb;
        $height = ($qd * $ya - $qb * $yb) / $det;
        $rate = ($qa * $yb - $qb * $ya) / $det;

        self::assertEqualsWithDelta($rate, $reduction->rate, 1e-9 * $rate);
        self::assertEqualsWithDelta($height - 30 * $rate, $reduction->at(30.0)->value, 1e-6);
        $variance = ($qd - 60 * -$qb + 900 * $qa) / $det;
        self::assertEqualsWithDelta(self::Z * sqrt($variance), $reduction->at(30.0)->spread, 1e-6);
    }

    public function test_with_nothing_weighed_it_is_the_hobs_own_interval(): void
    {
        $more = Reduction::begins(2000.0, 0.0, new Figure(10.0, 0.4, 'g/min'), 0.0, true)->minutesTo(1400.0, 0.0);

        self::assertEqualsWithDelta(60.0, $more->value, 1e-9);
        self::assertEqualsWithDelta(0.4, $more->spread, 0.01);
    }

    public function test_a_pot_past_its_stop_has_no_minutes_left(): void
    {
        $reduction = Reduction::begins(1000.0, 0.02, new Figure(10.0, 0.4, 'g/min'), 5.0, true)->weighed(
            40.0,
            600.0,
            4.0,
        );

        self::assertSame(0.0, $reduction->minutesTo(650.0, 40.0)->value);
    }

    public function test_weighed_before_it_boils_it_tells_nothing_of_the_hob(): void
    {
        $begins = Reduction::begins(1000.0, 0.05, new Figure(10.0, 0.4, 'g/min'), 10.0, false);
        $weighed = $begins->weighed(2.0, 960.0, 4.0);

        self::assertEqualsWithDelta(10.0, $weighed->rate, 0.8);
        self::assertLessThan($begins->at(2.0)->spread / 5, $weighed->at(2.0)->spread);
    }

    /** @return iterable<string, array{int, bool}> */
    public static function weighings(): iterable
    {
        yield 'before the heat is on' => [0, false];
        yield 'at the boil' => [0, true];
        yield 'one weighing' => [1, true];
        yield 'two' => [2, true];
        yield 'four' => [4, true];
    }

    /** The four-in-five interval of "minutes more" holds the truth in 75 to 85 of a hundred simulated pots. */
    #[DataProvider('weighings')]
    public function test_the_interval_of_minutes_more_is_honest(int $weighings, bool $seen): void
    {
        mt_srand(20 + $weighings + (int) $seen);
        $held = 0;
        for ($pot = 0; $pot < self::POTS; $pot++) {
            $usual = mt_rand(60, 260) / 10;
            $rate = $usual * exp((self::normal() * 0.4) / self::Z);
            $thought = mt_rand(700, 4000);
            $grams = $thought * exp((self::normal() * 0.03) / self::Z);
            $heating = mt_rand(30, 150) / 10;
            $boils = max(0.5, $heating * (1 + 0.3 * self::normal()));
            $stop = 0.7 * $thought;
            $ends = $boils + ($grams - $stop) / $rate;
            $reduction = Reduction::begins(
                $thought,
                0.03,
                Reduction::ofTable($usual),
                $seen ? max(0.0, $boils + 0.7 * self::normal()) : $heating,
                $seen,
            );
            $now = $seen ? $boils : 0.0;
            for ($i = 1; $i <= $weighings; $i++) {
                $now = $boils + (0.8 * ($ends - $boils) * $i) / $weighings;
                $reduction = $reduction->weighed(
                    $now,
                    $grams - $rate * ($now - $boils) + (3.2 / self::Z) * self::normal(),
                    3.2,
                );
            }
            $more = $reduction->minutesTo($stop, $now);
            $held += $more->low() <= $ends - $now && $ends - $now <= $more->high() ? 1 : 0;
        }

        self::assertGreaterThanOrEqual(0.75, $held / self::POTS);
        self::assertLessThanOrEqual(0.85, $held / self::POTS);
    }

    private static function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, mt_rand() / mt_getrandmax()))) * cos((2 * M_PI * mt_rand()) / mt_getrandmax());
    }
}
