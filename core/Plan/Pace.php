<?php

declare(strict_types=1);

namespace Vinculum\Plan;

use Vinculum\Stove\Cook;
use Vinculum\Stove\StepKind;

/** How many times as long as usual a household's hands take: the last cooks against what is usual. */
final readonly class Pace
{
    /** As many cooks as "as long as usual" weighs for, before there are any; judgement. */
    private const GUESS = 3.0;

    /** Times as long as usual from which a step was left open over lunch, and says nothing of hands; judgement. */
    private const LEFT_OPEN = 4.0;

    /** Times as long as usual under which a step was only tapped through, and says nothing either; judgement. */
    private const TAPPED_THROUGH = 0.25;

    /** ln of how many times as long as usual the hands of one cook took; null where it says nothing of them. */
    public static function ofCook(Cook $cook): ?float
    {
        $usual = $took = 0.0;
        foreach ($cook->steps as $step) {
            $minutes
                = ($cook->progress->ended[$step->id] ?? 0.0)
                - ($cook->progress->began[$step->id] ?? 0.0);
            if (
                $step->isHands
                && $step->kind !== StepKind::Heat
                && $minutes > self::TAPPED_THROUGH * $step->minutes->value
                && $minutes < self::LEFT_OPEN * $step->minutes->value
            ) {
                $usual += $step->minutes->value;
                $took += $minutes;
            }
        }

        return $usual > 0.0 ? log($took / $usual) : null;
    }

    /**
     * @param list<float> $cooks ln, as ofCook() has it; one that was kept before tapping through was known says nothing
     */
    public static function of(array $cooks): float
    {
        $cooks = array_filter($cooks, static fn (float $pace): bool => $pace > log(self::TAPPED_THROUGH));

        return exp(array_sum($cooks) / (count($cooks) + self::GUESS));
    }
}
