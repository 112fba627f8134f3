<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Figure\Sentence;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Things of one’s own of which nobody has said what they contain. */
final class AllergensNotSaid implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = [];
        $names = [];
        foreach ($sauce->present() as $line) {
            if ($line->ingredient?->allergensKnown === false) {
                $lines[] = $line->line->id;
                $names[] = $line->ingredient->name;
            }
        }

        return $lines === []
            ? []
            : [
                new Caution(
                    Grade::Mind,
                    'allergens-not-said',
                    Sentence::of(
                        'Nobody has said which allergens {names} contains: they are unknown, not absent. Check '
                            .'what went into it, and say so in the Pantry.',
                        ['names' => implode(' and ', array_unique($names))],
                    ),
                    'how Vinculum counts',
                    $lines,
                ),
            ];
    }
}
