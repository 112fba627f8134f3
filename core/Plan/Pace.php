<?php

declare(strict_types=1);

namespace Vinculum\Plan;

use Vinculum\Stove\Cook;
use Vinculum\Stove\StepKind;

/** How many times as long as usual a household's hands take at each kind of work, from its last cooks. */
final readonly class Pace
{
    /** As many cooks as "as long as usual" weighs for, before there are any; judgement. */
    private const GUESS = 3.0;

    /** Times as long as usual from which a step was left open over lunch, and says nothing of hands; judgement. */
    private const LEFT_OPEN = 4.0;

    /** Times as long as usual under which a step was only tapped through, and says nothing either; judgement. */
    private const TAPPED_THROUGH = 1 / 3;

    /** Share from which on hands are quicker or slower than usual for all to see; judgement. */
    private const TOLD_FROM = 0.1;

    /**
     * ln of how many times as long as usual the hands of one cook took, by StepKind; nothing of what says nothing.
     *
     * @return array<string, float>
     */
    public static function ofCook(Cook $cook): array
    {
        /** @var array<string, array{float, float}> $hands minutes as is usual, and as it took */
        $hands = [];
        foreach ($cook->steps as $step) {
            $minutes
                = ($cook->progress->ended[$step->id] ?? 0.0)
                - ($cook->progress->began[$step->id] ?? 0.0);
            // what it was held to be here is no measure of what is usual
            $all = $step->minutes->value / $step->pace;
            if (
                $step->isHands
                && $step->kind !== StepKind::Heat
                && $minutes >= self::TAPPED_THROUGH * $step->minutes->value
                && $minutes < self::LEFT_OPEN * $step->minutes->value
            ) {
                [$usual, $took] = $hands[$step->kind->value] ?? [0.0, 0.0];
                $hands[$step->kind->value] = [$usual + $all, $took + $minutes];
            }
        }

        return array_map(
            static fn (array $both): float => log($both[1] / $both[0]),
            array_filter($hands, static fn (array $both): bool => $both[0] > 0.0),
        );
    }

    /**
     * @param list<array<string, float>> $cooks as ofCook() has them
     * @return array<string, float> by StepKind
     */
    public static function of(array $cooks): array
    {
        $all = [];
        foreach ($cooks as $cook) {
            foreach ($cook as $kind => $pace) {
                $all[$kind][] = $pace;
            }
        }

        return array_map(
            static fn (array $each): float => exp(array_sum($each) / (count($each) + self::GUESS)),
            $all,
        );
    }

    /**
     * What is worth saying of it.
     *
     * @param array<string, float> $paces by StepKind
     * @return array<string, float> those that somebody would notice
     */
    public static function told(array $paces): array
    {
        return array_filter($paces, static fn (float $pace): bool => abs($pace - 1) >= self::TOLD_FROM);
    }
}
