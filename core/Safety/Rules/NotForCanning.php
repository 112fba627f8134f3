<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** What has no tested process for canning at home. */
final class NotForCanning implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = $sauce->having('not-for-canning');
        if ($sauce->isBoughtAlone() || ($lines === [] && ! ($sauce->isLowAcid() && ! $sauce->isTooDryForBotulism()))) {
            return [];
        }

        return [
            Caution::of(
                Grade::Mind,
                'not-for-canning',
                'Not for home canning at all: sauces low in acid, with nuts, coconut, dairy, egg or peppers, or '
                    .'thickened, have no tested process. Fridge or freezer only.',
                'USDA Complete Guide to Home Canning; National Center for Home Food Preservation',
                $lines,
            ),
        ];
    }
}
