<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Fresh things and no heat: sourness stops one germ, not all. */
final class NothingCooked implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = $sauce->treatment->wasCooked() ? [] : $sauce->having('fresh-plant', 'low-acid-plant');

        return $lines === []
            ? []
            : [
                Caution::of(
                    Grade::Mind,
                    'raw-sauce',
                    'Nothing in it was cooked: sourness holds back one germ, not every one. Wash what is fresh, '
                        .'keep it in the fridge, and no longer than is said of how long it keeps.',
                    'US 21 CFR 114; US Food Code 3-501.17 (seven days at 5 °C)',
                    $lines,
                ),
            ];
    }
}
