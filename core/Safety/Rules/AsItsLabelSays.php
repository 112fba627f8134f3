<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** One bought thing, unaltered. */
final class AsItsLabelSays implements Rule
{
    public function of(Facts $sauce): array
    {
        return ! $sauce->isBoughtAlone() ? [] : [Caution::of(
            Grade::Know,
            'as-its-label-says',
            'Bought and unaltered: it keeps as its label says, opened too.',
            'its maker',
        )];
    }
}
