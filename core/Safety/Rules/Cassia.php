<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Cinnamon, most of which is cassia, where there is much of it. */
final class Cassia implements Rule
{
    /** Share of what went in: 30 g of such a sauce take a small child half way to the daily limit. */
    public const MUCH = 0.007;

    public function of(Facts $sauce): array
    {
        $lines = $sauce->shareHaving('cassia') < self::MUCH ? [] : $sauce->having('cassia');

        return $lines === []
            ? []
            : [
                Caution::of(
                    Grade::Mind,
                    'coumarin',
                    'Much cinnamon: most of it is cassia, whose coumarin is hard on the liver where it is eaten '
                        .'daily. Not every day, least of all for children; Ceylon cinnamon has hardly any.',
                    'BfR and EFSA, 0.1 mg of coumarin a day to the kilogram of a body',
                    $lines,
                ),
            ];
    }
}
