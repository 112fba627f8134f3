<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Mixture\Constituent;

/** How what is in a sauce lies in its fat: under a body of it, in water that it stands in as drops, fried dry. */
final readonly class InFat
{
    /** Share of fat from which a sauce is oily: what lies in it lies under it; judgement. */
    private const OILY = 0.2;

    /** Kinds that bring the water in which fat stands in drops; the water of a plant itself is none of it. */
    private const WATERY = ['sour', 'liquid', 'milks', 'cream', 'cultured', 'plant-dairy', 'emulsion', 'soya-curd',
        'eggs'];

    /** Water of such kinds to a gram of fat, from which the fat stands in drops when it is shaken; judgement. */
    private const SHAKEN = 0.25;

    /** The same where something binds it, as egg does in a mayonnaise; judgement. */
    private const BOUND = 0.05;

    public function __construct(private Facts $sauce) {}

    /** Whether there is so much fat in it that what lies in it may lie under fat. */
    public function isOily(): bool
    {
        return $this->sauce->fat() > self::OILY;
    }

    /** Whether what is in it lies under a body of oil or fat, and not in water that the fat stands in as drops. */
    public function liesUnderOil(): bool
    {
        if (! $this->isOily()) {
            return false;
        }
        $water = $fat = 0.0;
        $binds = false;
        foreach ($this->sauce->present() as $line) {
            $thing = $line->ingredient;
            if ($thing !== null) {
                $fat += $line->grams * $thing->perGram[Constituent::FAT];
                $water += $thing->isOf(...self::WATERY) ? $line->grams * $thing->perGram[Constituent::WATER] : 0.0;
                $binds = $binds || $thing->is('emulsifies');
            }
        }

        return $water < ($binds ? self::BOUND : self::SHAKEN) * $fat;
    }

    /** Whether what was cooked in it has lost its water in the fat, as far as an estimate can say. */
    public function isFriedDry(): bool
    {
        return $this->sauce->treatment->wasCooked()
            && ($this->sauce->waterActivity() === null || $this->sauce->isTooDryForToxin());
    }
}
