<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Recipe\ProcessKind;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** A mop or a buffet sauce that stays warm for long is kept hot. */
final class HeldHot implements Rule
{
    /** Minutes of standing warm from which it is held, not served. */
    private const HELD_FROM = 30.0;

    public function of(Facts $sauce): array
    {
        $minutes = $sauce->treatment->minutesOf(ProcessKind::Warm);

        return $minutes === null || $minutes < self::HELD_FROM
            ? []
            : [
                Caution::of(
                    Grade::Mind,
                    'keep-hot',
                    'Kept warm, it is held at 57 °C or more all the time (63 °C in the UK), and what stood '
                        .'cooler for four hours is thrown away. Only warmed is not cooked.',
                    'US Food Code 3-501.16, 3-501.19',
                ),
            ];
    }
}
