<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Mixture\Constituent;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Hot sugar sticks to skin, and burns over a flame. */
final class HotSugar implements Rule
{
    /** Share of sugars from which a sauce sticks and burns; judgement. */
    private const SWEET_FROM = 0.15;

    /** Share of sugar in sugar and water from which it is hotter than water boils by far, 120 °C; judgement. */
    private const CARAMEL = 0.85;

    private const BRUSHED_ON = 'barbecue|bbq|grill|glaz|mops?\\b|bast(?:e|ing)\\b|wings|ribs';

    public function of(Facts $sauce): array
    {
        $isSweet = $sauce->sugars() > self::SWEET_FROM;
        $said = [];
        if ($isSweet && $sauce->treatment->wasCooked()) {
            $said[] = Caution::of(
                Grade::Mind,
                'hot-sugar',
                'Hot sugary sauce sticks to skin and burns it: long spoon, dry hands, nobody small beside the pan.',
                'common practice, no source',
            );
        }
        if (self::isWetted($sauce)) {
            $said[] = Caution::of(
                Grade::Mind,
                'caramel-spits',
                'Caramel boils up and spits where something wet goes into it: pan off the heat, what goes in warmed, a '
                    .'little at a time, arm and face away.',
                'common practice, no source',
            );
        }
        if ($sauce->isCalled(self::BRUSHED_ON)) {
            $said[] = $isSweet
                ? Caution::of(
                    Grade::Know,
                    'brush-at-the-end',
                    'There is sugar in it: over flame it burns black in minutes. Brush it on at the end.',
                    'common practice, no source',
                )
                : Caution::of(
                    Grade::Know,
                    'brush-from-the-start',
                    'There is little sugar in it: it may be brushed on from the start.',
                    'common practice, no source',
                );
        }

        return $said;
    }

    /** Whether something wet goes into sugar that was boiled until hardly any water was left. */
    private static function isWetted(Facts $sauce): bool
    {
        $isCaramel = false;
        foreach ($sauce->cooked->stages as $report) {
            foreach ($isCaramel ? $sauce->present() : [] as $line) {
                if ($line->stage === $report->stage && ($line->ingredient->perGram[Constituent::WATER] ?? 0) > 0.1) {
                    return true;
                }
            }
            $pot = $report->sauce;
            $isHot = $report->stage->process !== null
                && $sauce->cooked->weighed->vocabulary->cooks($report->stage->process->kind->value);
            $isCaramel = $isHot && $pot->sugars() > self::CARAMEL * ($pot->sugars() + $pot->grams[Constituent::WATER]);
        }

        return false;
    }
}
