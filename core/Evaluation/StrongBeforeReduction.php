<?php

declare(strict_types=1);

namespace Vinculum\Evaluation;

use Vinculum\Recipe\WeighedLine;
use Vinculum\Taste\Measure;

/** A strong line that goes in before a long reduction: where that stops is a guess, so what it comes to is one too. */
final readonly class StrongBeforeReduction
{
    /** Share of the pot lost from which a reduction is long. */
    private const LONG = 0.2;

    /** Share of a taste from which a line decides it. */
    private const DECIDES = 0.3;

    private const ROLES = ['salty' => Measure::Saltiness, 'hot' => Measure::Heat];

    private function __construct(public WeighedLine $line, public Measure $measure) {}

    /**
     * @return list<self>
     */
    public static function of(Evaluation $evaluation): array
    {
        $before = [];
        $held = [];
        foreach ($evaluation->cooked->stages as $report) {
            $isLong = $report->massIn > 0.0 && $report->boiledOff / $report->massIn >= self::LONG;
            foreach ($evaluation->cooked->weighed->lines as $i => $line) {
                if ($line->stage === $report->stage) {
                    $before[$i] = $line;
                }
            }
            foreach ($isLong ? $before : [] as $i => $line) {
                $measure = self::decidedBy($evaluation, $i, $line);
                if ($measure !== null) {
                    $held[$i] = new self($line, $measure);
                }
            }
        }

        return array_values($held);
    }

    private static function decidedBy(Evaluation $evaluation, int $i, WeighedLine $line): ?Measure
    {
        foreach (self::ROLES as $role => $measure) {
            $tasted = $evaluation->tasting->measures[$measure->value];
            $value = $tasted->figure->value;
            if (
                in_array($role, $line->ingredient->roles ?? [], true)
                && $value > $measure->threshold()
                && ($tasted->contributions[$i] ?? 0.0) >= self::DECIDES * $value
            ) {
                return $measure;
            }
        }

        return null;
    }
}
