<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Pantry\AmountChoices;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Strength;
use Vinculum\Taste\Measure;

/** An ingredient as it is offered when a line is added (ingredient-list.schema.json). */
final readonly class IngredientView
{
    /** From here on, in its own unit, a taste is worth naming. */
    private const WORTH_NAMING = [
        'sweetness' => 3.0,
        'sourness' => 0.4,
        'saltiness' => 0.8,
        'umami' => 0.1,
        'heat' => 100.0,
    ];

    private const STRONGLY = [
        'sweetness' => 'sweet %s',
        'sourness' => 'acid %s %%',
        'saltiness' => 'salt %s %%',
        'umami' => 'umami %s',
        'heat' => '%s SHU',
    ];

    public function __construct(private Speech $speech) {}

    /**
     * @return array<string, string>
     */
    public function of(Ingredient $ingredient): array
    {
        return [
            'slug' => $ingredient->slug,
            'name' => $ingredient->name,
            'group' => $ingredient->shelf(),
            'tint' => $ingredient->tint,
            'caution' => $ingredient->caution,
            'strength_text' => $this->strength($ingredient),
            'starting_amount' => AmountChoices::toBegin($ingredient),
        ];
    }

    /** What it mostly brings, with figures. */
    public function strength(Ingredient $ingredient): string
    {
        $words = [];
        foreach (Measure::cases() as $measure) {
            $value = $measure->strengthOf($ingredient) ?? 0.0;
            if ($value >= self::WORTH_NAMING[$measure->value]) {
                $words[] = sprintf(
                    self::STRONGLY[$measure->value],
                    preg_replace('/\.0+$/', '', $this->speech->number($value)),
                );
            }
        }
        $fat = Strength::fat($ingredient) ?? 0.0;
        if ($words === [] && $fat > 20.0) {
            $words[] = 'fat '.$this->speech->number($fat).' %';
        }

        return implode(' · ', $words);
    }
}
