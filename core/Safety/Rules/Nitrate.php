<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/**
 * Leaves and roots that hold much nitrate, which turns to nitrite where they stand warm: said where a sauce is meant
 * for a small child.
 */
final class Nitrate implements Rule
{
    /** "baby spinach" is small itself. */
    private const FOR_A_CHILD = '(?:for|the|a|my|our) bab(?:y|ies)|baby (?:food|mash|pur[eé]e)|infant|weaning|toddler';

    public function of(Facts $sauce): array
    {
        $lines = $sauce->having('nitrate');

        return $lines === [] || ! $sauce->isCalled(self::FOR_A_CHILD) ? [] : [Caution::of(
            Grade::Mind,
            'nitrate',
            'Much nitrate, which turns to nitrite where it stands: not for a child under six months, little of it '
                .'under one year. Cold at once, eaten within a day, and not kept warm or heated twice.',
            'EFSA, nitrate in vegetables and infants (2010); German BfR on warming spinach; from memory',
            $lines,
        )];
    }
}
