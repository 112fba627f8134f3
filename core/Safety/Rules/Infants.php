<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Honey, cooked or not. */
final class Infants implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = $sauce->having('not-for-infants');

        return $lines === [] ? [] : [Caution::of(
            Grade::Mind,
            'honey',
            'Honey: not for a child under 12 months, cooked or not.',
            'US CDC on infant botulism',
            $lines,
        )];
    }
}
