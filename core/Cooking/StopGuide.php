<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Figure\Figure;

/**
 * How to know that a reduction is done: by weight, by depth on a spoon handle, or by the clock, each with how sure it
 * is.
 */
final readonly class StopGuide
{
    /** Reading a wet handle, mm: half-width. */
    private const DEPTH_READ_MM = 2.0;

    private function __construct(
        /** g in the pot when it is done; the pan weighs more by itself. */
        public Figure $grams,
        /** mm deep when it starts. */
        public float $depthBefore,
        /** mm deep when it is done. */
        public Figure $depthAfter,
        /** Minutes at the heat; null where it loses nothing by itself. */
        public ?Figure $minutes,
        /** Minutes before it simmers. */
        public float $heatingMinutes,
        public float $panCm,
    ) {}

    /**
     * Null for a stage that is not reduced.
     *
     * @param Figure|null $learned g a minute that this hob was seen to take off this pan; null for the usual
     */
    public static function of(StageReport $report, ?Figure $learned = null): ?self
    {
        $process = $report->stage->process;
        if ($process === null || $report->boiledOff <= 0.0) {
            return null;
        }
        $millimetres = static fn (float $millilitres): float => (10 * $millilitres) / Hob::floor($report->panCm);
        $minutes
            = $report->gramsPerMinute === null || $report->gramsPerMinute <= 0.0
                ? null
                : new Figure(
                    $report->boiledOff / ($learned->value ?? $report->gramsPerMinute),
                    $learned->spread ?? Hob::SPREAD,
                    'min',
                );
        // by the clock alone, the weight it comes to hangs on the hob as well, and the minutes are as said
        if ($process->until === null && $process->minutes !== null) {
            $minutes = new Figure($process->minutes, 0.0, 'min');
        }

        return new self(
            new Figure($report->massBeforeLifting, $report->massSpread, 'g'),
            $millimetres($report->volumeBefore),
            Figure::even($millimetres($report->volumeAfter), self::DEPTH_READ_MM, 'mm'),
            $minutes,
            $report->heatingMinutes,
            $report->panCm,
        );
    }

    /** Share of the pot lost in so many minutes at this stage's heat, 0 to 1. */
    public static function lostIn(StageReport $report, float $minutes): float
    {
        return $report->massIn > 0.0 ? min(1.0, (($report->gramsPerMinute ?? 0.0) * $minutes) / $report->massIn) : 0.0;
    }
}
