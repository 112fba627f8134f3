<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** What goes in raw once the rest was cooked. */
final class RawAfterCooking implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = $sauce->treatment->wasCooked() ? $sauce->rawHaving('fresh-plant') : [];

        return $lines === []
            ? []
            : [
                Caution::of(
                    Grade::Mind,
                    'raw-after-cooking',
                    'What goes in raw after cooking shortens how long it keeps. Makers say from five days to a '
                        .'month in the fridge; how long it keeps is counted by it.',
                    'common practice, no source',
                    $lines,
                ),
            ];
    }
}
