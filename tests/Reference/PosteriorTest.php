<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\TestCase;
use Tests\Support\SciPy;
use Vinculum\Figure\Figure;
use Vinculum\Log\BlindPair;
use Vinculum\Log\Ideal;
use Vinculum\Stove\Reduction;

/**
 * What a pot that was weighed and a taster who was asked are thought to be, against SciPy's least_squares (Debian's
 * python3-scipy) on the same model without our short cuts: the pot's is not linear in when it boils, and ours is.
 */
final class PosteriorTest extends TestCase
{
    private const POTS = 60;

    private const TASTERS = 60;

    private const CHOOSERS = 60;

    private const Z = 1.2816;

    private const TASTES = ['sweet', 'sour', 'salty', 'umami', 'hot'];

    public function test_pots_and_tasters_are_what_scipy_finds(): void
    {
        mt_srand(4);
        [$pots, $ours] = [[], []];
        for ($i = 0; $i < self::POTS; $i++) {
            [$grams, $usual, $boils] = [mt_rand(800, 4000), mt_rand(60, 260) / 10, mt_rand(40, 150) / 10];
            $rate = $usual * exp(0.3 * self::normal());
            $stop = 0.6 * $grams;
            $weighings = [];
            $reduction = Reduction::begins($grams, 0.03, Reduction::ofTable($usual), $boils, true);
            $spread = Reduction::ofTable($usual)->spread;
            for ($w = 1; $w <= 1 + ($i % 4); $w++) {
                $minute = $boils + (0.2 * $w * ($grams - $stop)) / $rate;
                $weighed = $grams - $rate * ($minute - $boils) + (3.2 / self::Z) * self::normal();
                $weighings[] = [$minute, $weighed, 3.2 / self::Z];
                $reduction = $reduction->weighed($minute, $weighed, 3.2);
            }
            $now = $weighings[count($weighings) - 1][0];
            $pots[] = [
                'prior' => [$grams, $usual, $boils],
                'deviations' => [($grams * 0.03) / self::Z, ($usual * $spread) / self::Z, 0.7],
                'weighings' => $weighings,
                'stop' => $stop,
                'now' => $now,
            ];
            $ours[] = [$reduction->minutesTo($stop, $now), $reduction->rate];
        }
        $tasters = $ideals = [];
        for ($i = 0; $i < self::TASTERS; $i++) {
            $hidden = array_map(static fn (): float => 0.8 * self::normal(), self::TASTES);
            [$said, $asked] = [[], []];
            for ($t = 0; $t < 2 + ($i % 6); $t++) {
                $at = array_map(static fn (): float => 0.8 * self::normal(), self::TASTES);
                $off = array_map(static fn (float $a, float $h): float => $a - $h, $at, $hidden);
                $most = (int) array_search(max(array_map(abs(...), $off)), array_map(abs(...), $off), true);
                $liking = (int) max(
                    3,
                    min(9, round(8.0 - 0.35 * array_sum(array_map(static fn (float $o): float => $o ** 2, $off)))),
                );
                $feels = array_fill(0, count(self::TASTES), null);
                $feels[$most] = round($off[$most]);
                $asked[] = ['at' => $at, 'feels' => $feels, 'liking' => $t % 3 === 2 ? null : $liking];
                $said[] = [
                    'at' => array_combine(self::TASTES, $at),
                    'feels' => [self::TASTES[$most] => round($off[$most])],
                    'liking' => $t % 3 === 2 ? null : $liking,
                ];
            }
            $tasters[] = ['tastings' => $asked];
            $ideals[] = Ideal::of(self::TASTES, $said);
        }

        $choosers = $chosen = [];
        for ($i = 0; $i < self::CHOOSERS; $i++) {
            $hidden = self::normal();
            [$pairs, $said] = [[], []];
            for ($p = 0; $p < 1 + ($i % 8); $p++) {
                [$at, $moved] = [self::normal(), mt_rand(0, 1) === 1 ? 1.5 : -1.5];
                $better
                    = $p % 5 === 4
                        ? null
                        : 0.35 * (($hidden - $at) ** 2 - ($hidden - $at - $moved) ** 2) + 0.8 * self::normal() > 0;
                $pairs[] = [$at, $moved, $better];
                $said[] = [
                    'at' => ['sour' => $at],
                    'feels' => [],
                    'liking' => null,
                    'pair' => new BlindPair('sour', $moved, $better),
                ];
            }
            $choosers[] = ['pairs' => $pairs];
            $chosen[] = Ideal::of(self::TASTES, $said);
        }

        $theirs = SciPy::run('posterior.py', ['pots' => $pots, 'tasters' => $tasters, 'choosers' => $choosers]);
        self::assertIsArray($theirs['choosers']);
        foreach ($theirs['choosers'] as $i => [$mode, $deviation]) {
            self::assertEqualsWithDelta($mode, $chosen[$i]->point('sour')->value, 0.01, "chooser {$i}");
            self::assertEqualsWithDelta(
                Figure::HALF_WIDTHS * $deviation,
                $chosen[$i]->point('sour')->spread,
                0.01,
                "chooser {$i}: how sure",
            );
            self::assertSame(0.0, $chosen[$i]->point('sweet')->value);
        }
        self::assertIsArray($theirs['pots']);
        self::assertIsArray($theirs['tasters']);
        self::assertCount(self::POTS, $theirs['pots']);
        foreach ($theirs['pots'] as $i => [$minutes, $half, $rate]) {
            [$more, $k] = $ours[$i];
            // ours takes the boil's place in the line as known: a fiftieth of the rate is what that may cost
            self::assertEqualsWithDelta($rate, $k, 0.02 * $rate, "pot {$i}: g a minute");
            self::assertEqualsWithDelta($minutes, $more->value, 0.02 * $minutes + 0.1, "pot {$i}: minutes more");
            self::assertEqualsWithDelta(
                $half / $minutes,
                $more->spread,
                (0.15 * $half) / $minutes + 0.005,
                "pot {$i}: how sure",
            );
        }
        foreach ($theirs['tasters'] as $i => [$mode, $deviations]) {
            foreach (self::TASTES as $j => $taste) {
                self::assertEqualsWithDelta(
                    $mode[$j],
                    $ideals[$i]->point($taste)->value,
                    0.01,
                    "taster {$i}: {$taste}",
                );
                self::assertEqualsWithDelta(
                    Figure::HALF_WIDTHS * $deviations[$j],
                    $ideals[$i]->point($taste)->spread,
                    0.01,
                    "taster {$i}: how sure of {$taste}",
                );
            }
        }
    }

    private static function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, mt_rand() / mt_getrandmax()))) * cos((2 * M_PI * mt_rand()) / mt_getrandmax());
    }
}
