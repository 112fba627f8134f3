<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Hot sugar sticks to skin, and burns over a flame. */
final class HotSugar implements Rule
{
    /** Share of sugars from which a sauce sticks and burns; judgement. */
    private const SWEET_FROM = 0.15;

    private const BRUSHED_ON = 'barbecue|bbq|grill|glaz|mops?\\b|bast(?:e|ing)\\b|wings|ribs';

    public function of(Facts $sauce): array
    {
        $isSweet = $sauce->sugars() > self::SWEET_FROM;
        $said = [];
        if ($isSweet && $sauce->wasCooked()) {
            $said[] = Caution::of(
                Grade::Mind,
                'hot-sugar',
                'Hot sugary sauce sticks to skin and burns it: long spoon, dry hands, nobody small beside the pan.',
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
}
