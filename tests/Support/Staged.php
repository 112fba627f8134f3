<?php

declare(strict_types=1);

namespace Tests\Support;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Formats\RecipeDocument;

/** Sauces as tables of cases write them: "garlic 20 g, olive-oil 100 g [warm 10] ; water 50 g [none]". */
final class Staged
{
    public static function evaluate(string $stages, string $name = 'a sauce'): Evaluation
    {
        $documents = [];
        foreach (explode(';', $stages) as $number => $stage) {
            preg_match('/^(.*?)\[(\w+) ?(\d*)\s*\]$/', trim($stage), $found);
            [, $lines, $kind, $minutes] = $found + ['', '', '', ''];
            $documents[] = ['id' => 's'.($number + 1), 'lines' => array_map(
                static function (string $line): array {
                    preg_match('/^(.*?) ([\d.]+ g)$/', trim($line), $parts);

                    return ['ingredient' => $parts[1] ?? '', 'amount' => $parts[2] ?? ''];
                },
                array_values(array_filter(array_map(trim(...), explode(',', $lines)))),
            )] + ($kind === 'none'
                ? []
                : ['process' => ['kind' => $kind] + ($minutes === '' ? [] : ['minutes' => (float) $minutes])]);
        }
        $recipe = RecipeDocument::read([
            'format' => 'vinculum-recipe',
            'version' => 2,
            'name' => $name,
            'measures' => 'metric',
            'stages' => $documents,
        ]);

        return Evaluation::of($recipe, Sauce::catalogue(), null);
    }
}
