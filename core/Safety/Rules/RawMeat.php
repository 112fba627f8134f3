<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** A marinade, mop or baste touches raw meat, or its brush does. */
final class RawMeat implements Rule
{
    private const CALLED = 'marinad|marinat|mops?\\b|bast(?:e|ing)\\b';

    public function of(Facts $sauce): array
    {
        return ! $sauce->isCalled(self::CALLED)
            ? []
            : [
                Caution::of(
                    Grade::Mind,
                    'raw-meat',
                    'Divide it first. What touched raw meat, or the brush that did, is boiled or thrown away: it '
                        .'is never table sauce. Marinate in the fridge, not on the counter.',
                    'USDA FSIS on marinating and basting',
                ),
            ];
    }
}
