<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Recipe\WeighedRecipe;

/**
 * What the lines of a recipe contain, and what some kinds of them may: "contains" and "check the label" apart, and never "safe
 * for". The fourteen of EU 1169/2011 annex II and the nine of the US (FALCPA 2004, FASTER Act 2021), from memory.
 */
final class Allergens
{
    /** Name on the screen, and whose list it is on. "Wheat" is one of the cereals with gluten. */
    public const LISTED = [
        'gluten' => ['cereals with gluten', ['EU']],
        'wheat' => ['wheat', ['US', 'EU']],
        'crustaceans' => ['crustaceans', ['US', 'EU']],
        'eggs' => ['eggs', ['US', 'EU']],
        'fish' => ['fish', ['US', 'EU']],
        'peanuts' => ['peanuts', ['US', 'EU']],
        'soy' => ['soy', ['US', 'EU']],
        'milk' => ['milk', ['US', 'EU']],
        'nuts' => ['tree nuts', ['US', 'EU']],
        'celery' => ['celery', ['EU']],
        'mustard' => ['mustard', ['EU']],
        'sesame' => ['sesame', ['US', 'EU']],
        'sulphites' => ['sulphites', ['EU']],
        'lupin' => ['lupin', ['EU']],
        'molluscs' => ['molluscs', ['EU']],
    ];

    /**
     * @return array{contains: array<string, list<string>>, check: array<string, list<string>>} line ids, by allergen
     */
    public static function of(WeighedRecipe $weighed): array
    {
        $found = ['contains' => [], 'check' => []];
        foreach ($weighed->lines as $line) {
            if ($line->ingredient === null || $line->line->leftOut) {
                continue;
            }
            foreach ($line->ingredient->contains as $allergen) {
                $found['contains'][$allergen][] = $line->line->id;
            }
            foreach (array_diff($line->ingredient->mayContain, $line->ingredient->contains) as $allergen) {
                $found['check'][$allergen][] = $line->line->id;
            }
        }
        $inOrder = ['contains' => [], 'check' => []];
        foreach (array_keys(self::LISTED) as $allergen) {
            if (isset($found['contains'][$allergen])) {
                $inOrder['contains'][$allergen] = $found['contains'][$allergen];
            } elseif (isset($found['check'][$allergen])) {
                $inOrder['check'][$allergen] = $found['check'][$allergen];
            }
        }

        return $inOrder;
    }
}
