<?php

declare(strict_types=1);

namespace Vinculum\Evaluation;

use Vinculum\Amount\Dimension;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Taste\Measure;

/** A line measured so coarsely that it alone leaves a taste in doubt: a scale would settle it. */
final readonly class CoarseAmount
{
    /** From this many steps, across its four-in-five interval, a line is worth weighing. */
    private const FROM_STEPS = 1.0;

    /**
     * @param float $steps between the two ends of what the amount may be
     */
    private function __construct(public WeighedLine $line, public Measure $measure, public float $steps) {}

    /**
     * The lines worth weighing, each with the taste it moves most, most first.
     *
     * @return list<self>
     */
    public static function of(Evaluation $evaluation): array
    {
        $coarse = [];
        foreach ($evaluation->cooked->weighed->lines as $i => $line) {
            if (self::isWeighed($line)) {
                continue;
            }
            $worst = null;
            foreach ($evaluation->tasting->measures as $tasted) {
                $half = abs($tasted->sensitivities[$i] ?? 0.0) * $line->spread;
                $steps = $tasted->measure->steps(
                    $tasted->figure->value * exp(-$half),
                    $tasted->figure->value * exp($half),
                );
                if ($steps >= self::FROM_STEPS && $steps > ($worst->steps ?? 0.0)) {
                    $worst = new self($line, $tasted->measure, $steps);
                }
            }
            if ($worst !== null) {
                $coarse[] = $worst;
            }
        }
        usort($coarse, static fn (self $a, self $b): int => $b->steps <=> $a->steps);

        return $coarse;
    }

    private static function isWeighed(WeighedLine $line): bool
    {
        foreach ($line->amount->terms ?? [] as $term) {
            if ($term->unit?->dimension !== Dimension::Mass || $term->unit->informal) {
                return false;
            }
        }

        return true;
    }
}
