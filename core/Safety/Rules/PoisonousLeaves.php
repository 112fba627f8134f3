<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Leaves that come with the stalk. */
final class PoisonousLeaves implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = $sauce->having('poisonous-leaves');

        return $lines === [] ? [] : [Caution::of(
            Grade::Mind,
            'rhubarb-leaves',
            'Only the stalks: the leaves are poisonous.',
            'common practice; oxalic acid',
            $lines,
        )];
    }
}
