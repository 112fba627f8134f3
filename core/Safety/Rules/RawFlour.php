<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Flour that was not cooked. */
final class RawFlour implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = $sauce->rawHaving('raw-flour');

        return $lines === []
            ? []
            : [
                Caution::of(
                    Grade::Mind,
                    'raw-flour',
                    'Raw flour carries germs: cook it through, boiling for a minute or two, or thicken with '
                        .'something that needs no cooking.',
                    'US FDA and CDC on raw flour',
                    $lines,
                ),
            ];
    }
}
