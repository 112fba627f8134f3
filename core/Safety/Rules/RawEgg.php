<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Egg that was not simmered through: warmed, whisked or stirred in off the heat is raw. */
final class RawEgg implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = $sauce->rawHaving('raw-egg');

        return $lines === []
            ? []
            : [
                Caution::of(
                    Grade::Mind,
                    'raw-egg',
                    'Raw egg: use pasteurised egg for anyone very young, old, pregnant or ill, keep it cold, and '
                        .'eat it within two days. Makers keep it up to a week; two days is the cautious figure.',
                    'US Food Code 3-302.13, 3-401.11, 3-801.11',
                    $lines,
                ),
            ];
    }
}
