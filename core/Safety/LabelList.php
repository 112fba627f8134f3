<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Recipe\Handling;
use Vinculum\Recipe\WeighedRecipe;

/**
 * What is in a sauce, as a label has it: in descending order of what went in, allergens marked (EU 1169/2011, articles
 * 18 and 21, from memory). What only steeped and was lifted out stands last.
 */
final class LabelList
{
    /**
     * @return list<array{name: string, is_allergen: bool}>
     */
    public static function of(WeighedRecipe $weighed): array
    {
        $listed = [];
        foreach ($weighed->lines as $line) {
            if ($line->line->leftOut || ($line->ingredient !== null && $line->grams <= 0.0)) {
                continue;
            }
            $name = $line->ingredient?->shortName() ?? $line->line->ingredient;
            $grams = $line->line->handling === Handling::In ? $line->grams : 0.0;
            $isAllergen = $line->ingredient === null
                ? $weighed->vocabulary->allergensNamed($line->line->ingredient) !== []
                : $line->ingredient->contains !== [];
            $listed[$name] ??= ['grams' => 0.0, 'is_allergen' => false];
            $listed[$name]['grams'] += $grams;
            $listed[$name]['is_allergen'] = $listed[$name]['is_allergen'] || $isAllergen;
        }
        uasort($listed, static fn (array $a, array $b): int => $b['grams'] <=> $a['grams']);

        return array_map(
            static fn (string|int $name, array $each): array => [
                'name' => (string) $name,
                'is_allergen' => $each['is_allergen'],
            ],
            array_keys($listed),
            $listed,
        );
    }
}
