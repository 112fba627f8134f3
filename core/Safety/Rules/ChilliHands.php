<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Chilli on hands and in eyes. */
final class ChilliHands implements Rule
{
    /** Of the finished sauce, from which its steam and its drops sting; judgement. */
    private const HOT_FROM_SHU = 500.0;

    /** Share of hot fresh or ground chilli from which the hands feel it; judgement. */
    private const MUCH = 0.02;

    public function of(Facts $sauce): array
    {
        if (
            $sauce->isBoughtAlone()
            || ($sauce->heat() <= self::HOT_FROM_SHU && $sauce->shareHaving('burns-eyes') < self::MUCH)
        ) {
            return [];
        }

        return [
            Caution::of(
                Grade::Mind,
                'chilli-hands',
                'Hot stuff: gloves, a window open when it boils, and hands away from eyes.',
                'common practice, no source',
                $sauce->having('burns-eyes'),
            ),
        ];
    }
}
