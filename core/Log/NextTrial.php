<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Safety\Brings;
use Vinculum\Solve\Feel;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Solve\Rescue\Rescued;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;

/**
 * The two cups that would teach most of what somebody likes: one as it is, one with clearly more or less of the taste
 * that is known least, moved towards where the ideal seems to lie.
 */
final readonly class NextTrial
{
    /** g of sauce in a cup: the salt that moves so much can still be measured with a spoon. */
    public const CUP_G = 250.0;

    /** Steps between the cups: a tongue is sure of the difference, and it is still the same sauce; judgement. */
    private const APART = 1.5;

    /** Steps by which a cup may miss its own move or move another taste, and the share it may grow by; judgement. */
    private const NEAR = 0.5;
    private const MOST_OF_A_CUP = 0.25;

    /** Thresholds of a taste that a kind of sauce has of it at the least where it matters; judgement. */
    private const TASTED = 4.0;

    /** A mean this near to where the sauce stands says nothing of the side; steps. */
    private const NO_SIDE = 0.25;

    /**
     * Only the tastes that this kind clearly has: a cup is not spent on the others.
     *
     * @param array<string, float> $at steps, by taste
     * @return array<string, float>
     */
    public static function mattering(array $at, Style $style): array
    {
        return array_filter($at, static function (string $taste) use ($style): bool {
            $measure = Feel::from($taste)->measure();

            return $measure !== null && ($style->band($measure)->aim ?? 0.0) >= self::TASTED * $measure->threshold();
        }, ARRAY_FILTER_USE_KEY);
    }

    /**
     * The first remedy that makes a blind cup of it: one thing, which moves no other taste that a tongue could tell and
     * brings nothing that nobody at the table expects; null where there is none.
     */
    public static function cup(Rescued $rescued): ?Remedy
    {
        foreach ($rescued->remedies as $remedy) {
            $off = array_map(
                static fn (Measure $measure): float => abs($remedy->steps[Feel::ofMeasure($measure)->value]),
                Measure::cases(),
            );
            if (
                count($remedy->additions) === 1
                && $remedy->boilOff === 0.0
                && max($off) <= self::NEAR
                && $remedy->growth() <= self::MOST_OF_A_CUP
                && Brings::between($rescued->pot->cooked->weighed, $remedy->after->cooked->weighed)->isNothing()
            ) {
                return $remedy;
            }
        }

        return null;
    }

    /**
     * What to try, best first, so that one that cannot be measured gives way to the next.
     *
     * @param Ideal $ideal what is known so far
     * @param array<string, float> $at where the sauce stands, steps from the style's aim, by taste
     * @return list<array{taste: string, steps: float}>
     */
    public static function worth(Ideal $ideal, array $at): array
    {
        $worth = [];
        foreach ($at as $taste => $steps) {
            $point = $ideal->point($taste);
            $towards = $point->value - $steps;
            // what nobody knows, and what seems to be off, teaches most
            $score = $point->spread + abs($towards) / 2;
            // into a cup a thing goes in more easily than it comes out
            $side = $towards < -self::NO_SIDE ? -1.0 : 1.0;
            $worth[] = ['taste' => $taste, 'steps' => $side * self::APART, 'score' => $score];
            $worth[] = ['taste' => $taste, 'steps' => -$side * self::APART, 'score' => $score - self::APART];
        }
        usort($worth, static fn (array $one, array $other): int => $other['score'] <=> $one['score']);

        return array_map(
            static fn (array $each): array => ['taste' => $each['taste'], 'steps' => $each['steps']],
            $worth,
        );
    }
}
