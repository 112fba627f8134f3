<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Spirits near a flame. */
final class Spirits implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = $sauce->having('flares');

        return $lines === [] ? [] : [Caution::of(
            Grade::Mind,
            'spirits-flare',
            'Spirits flare up over a flame: take the pan off the heat to pour them in.',
            'common practice, no source',
            $lines,
        )];
    }
}
