<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Nothing made here keeps on a shelf. */
final class NotShelfStable implements Rule
{
    public function of(Facts $sauce): array
    {
        return $sauce->isBoughtAlone()
            ? []
            : [
                Caution::of(
                    Grade::Know,
                    'not-shelf-stable',
                    'Nothing here makes a jar keep on a shelf: a hot lid that sucks down is no seal, and a '
                        .'tested recipe that was altered is no longer tested. Canning and selling follow tested '
                        .'processes, local codes and licensed practice.',
                    'USDA Complete Guide to Home Canning; US 21 CFR 108 and 114; your local authority',
                ),
            ];
    }
}
