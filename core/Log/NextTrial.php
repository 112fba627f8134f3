<?php

declare(strict_types=1);

namespace Vinculum\Log;

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

    /** A mean this near to where the sauce stands says nothing of the side; steps. */
    private const NO_SIDE = 0.25;

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
