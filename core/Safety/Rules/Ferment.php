<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Recipe\ProcessKind;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** A mash or brine left to sour by itself. */
final class Ferment implements Rule
{
    /** Minutes at rest from which a salted mash is meant to ferment: two days. */
    private const FERMENTS_FROM = 2880.0;

    public function of(Facts $sauce): array
    {
        $isMash
            = ($sauce->minutesOf(ProcessKind::Rest) ?? 0.0) >= self::FERMENTS_FROM
            && ! $sauce->wasCooked()
            && $sauce->having('low-acid-plant') !== [];

        return ! $isMash || $sauce->fat() > 0.1
            ? []
            : [
                Caution::of(
                    Grade::Mind,
                    'ferment',
                    'Left to sour by itself: it is low in acid until it has. Salt at two per cent or more, '
                        .'everything under the brine, and a meter that says pH 4.6 or less, better 4.0, before it is '
                        .'eaten or kept.',
                    'US FDA on acidified and fermented foods',
                ),
            ];
    }
}
