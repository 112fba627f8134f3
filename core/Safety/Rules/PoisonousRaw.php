<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Berries that are poisonous until they have been boiled. */
final class PoisonousRaw implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = $sauce->having('poisonous-raw');
        $isRaw = $sauce->rawHaving('poisonous-raw') !== [];

        return $lines === [] ? [] : [Caution::of(
            $isRaw ? Grade::Stop : Grade::Mind,
            'raw-elderberries',
            'Raw elderberries, their stems and leaves are poisonous: strip the berries off their stems, and boil them.',
            'US CDC, MMWR 33 (1984) 173',
            $lines,
        )];
    }
}
