<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** What was cooked is cooled fast. */
final class Cooling implements Rule
{
    public function of(Facts $sauce): array
    {
        // nothing grows in plain hot oil or caramel as it cools, and cold water beside it does harm
        $isDry = $sauce->isTooDryForBotulism() && $sauce->having('perishable', 'low-acid-plant', 'raw-egg') === [];

        return $sauce->treatment->wasCooked() && ! $isDry
            ? [
                Caution::of(
                    Grade::Mind,
                    'cool-fast',
                    'Cool it fast: from 57 to 21 °C within two hours and to 5 °C within four more. Shallow pan, '
                        .'cold water. Then the fridge, in a clean dated jar.',
                    'US Food Code 3-501.14',
                ),
            ]
            : [];
    }
}
