<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Recipe\WeighedRecipe;

/**
 * What the lines of a recipe contain, what some kinds of them may, and of which nobody has said: apart, and never "safe
 * for". The fourteen of EU 1169/2011 annex II and the nine of the US (FALCPA 2004, FASTER Act 2021), from memory.
 */
final class Allergens
{
    /** A citrus juice that was pressed at home has nothing of a bottle in it. */
    private const PRESSED = '/\b(?:fresh|freshly|squeezed|pressed|juice of|from the fruit)\b/iu';

    /**
     * @return array{
     *     contains: array<string, list<string>>,
     *     check: array<string, list<string>>,
     *     unsaid: list<string>,
     * } line ids, by allergen
     */
    public static function of(WeighedRecipe $weighed): array
    {
        $found = ['contains' => [], 'check' => []];
        $unsaid = [];
        foreach ($weighed->lines as $line) {
            $ingredient = $line->ingredient;
            if ($line->line->leftOut || $ingredient?->is('refused') === true) {
                continue;
            }
            if ($ingredient === null) {
                // nobody knows what is in it, but what its own name says
                foreach ($weighed->vocabulary->allergensNamed($line->line->ingredient) as $allergen) {
                    $found['contains'][$allergen][] = $line->line->id;
                }
                continue;
            }
            if (! $ingredient->allergensKnown) {
                $unsaid[] = $line->line->id;
            }
            foreach ($ingredient->contains as $allergen) {
                $found['contains'][$allergen][] = $line->line->id;
            }
            $isPressed
                = $ingredient->is('pressed-or-bottled')
                && preg_match(self::PRESSED, "{$line->line->prep} {$line->line->amount}") === 1;
            $another = $weighed->vocabulary->allergensOfAnother((string) $line->line->prep);
            $may = array_unique([...$isPressed ? [] : $ingredient->mayContain, ...$another]);
            foreach (array_diff($may, $ingredient->contains) as $allergen) {
                $found['check'][$allergen][] = $line->line->id;
            }
        }
        $inOrder = ['contains' => [], 'check' => [], 'unsaid' => $unsaid];
        foreach ($weighed->vocabulary->allergens() as $allergen) {
            if (isset($found['contains'][$allergen])) {
                $inOrder['contains'][$allergen] = $found['contains'][$allergen];
            } elseif (isset($found['check'][$allergen])) {
                $inOrder['check'][$allergen] = $found['check'][$allergen];
            }
        }

        return $inOrder;
    }
}
