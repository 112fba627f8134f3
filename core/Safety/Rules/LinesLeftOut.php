<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Lines that are in none of the figures. */
final class LinesLeftOut implements Rule
{
    public function of(Facts $sauce): array
    {
        $left = $sauce->unknownLines();
        foreach ($sauce->present() as $line) {
            if ($line->grams <= 0.0 && $line->amount?->isToTaste() !== true) {
                $left[] = $line->line->id;
            }
        }

        return $left === []
            ? []
            : [
                Caution::of(
                    Grade::Mind,
                    'lines-left-out',
                    'Lines that could not be read are not in the pH or the other figures; a name nobody knows is '
                        .'not among the allergens either, unless it names one itself.',
                    'how Vinculum counts',
                    $left,
                ),
            ];
    }
}
