<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Salt substitute. */
final class Potassium implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = $sauce->having('potassium');

        return $lines === []
            ? []
            : [
                Caution::of(
                    Grade::Mind,
                    'potassium',
                    'Potassium salt: not for anybody with kidney or heart trouble, or on medicine for them, '
                        .'without a doctor’s word. It turns bitter quickly.',
                    'UK NHS; SACN and COT on potassium-based replacers',
                    $lines,
                ),
            ];
    }
}
