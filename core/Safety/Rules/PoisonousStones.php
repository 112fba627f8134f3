<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Stones and kernels that bring cyanide. */
final class PoisonousStones implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = $sauce->having('poisonous-stones');

        return $lines === [] ? [] : [Caution::of(
            Grade::Know,
            'stones',
            'Take the stones out, and do not crack them into it: their kernels, like bitter almonds, make cyanide.',
            'common practice; EFSA on apricot kernels',
            $lines,
        )];
    }
}
