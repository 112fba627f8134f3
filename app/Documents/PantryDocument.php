<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\OnHand;
use App\Models\StoredRecipe;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\OwnIngredient;
use Vinculum\Pantry\Portion;
use Vinculum\Pantry\Seasons;
use Vinculum\Taste\Measure;

/**
 * The pantry's list and one ingredient's page (pantry-list.schema.json, pantry-page.schema.json).
 *
 * @phpstan-import-type Definition from OwnIngredient
 */
final class PantryDocument
{
    /** A full bar on the page, in the measure's unit: about the strongest thing a kitchen spoons out. Heat is drawn by its logarithm. */
    private const FULL = ['sweetness' => 100.0, 'sourness' => 8.0, 'saltiness' => 30.0, 'umami' => 3.0];

    private const HEAT_DECADES = [1.0, 5.0];

    private const KNOWN = [
        'pure' => 'pure: known to half a per cent', 'assayed' => 'made to a standard: known to 3 %',
        'branded' => 'differs by maker: known to 10 %', 'produce' => 'differs by season and kind: known to 15 %',
    ];

    /**
     * @param list<Ingredient> $ingredients
     * @param list<string> $onHand
     * @return array{ingredients: list<array<string, mixed>>}
     */
    public static function list(array $ingredients, array $onHand): array
    {
        return ['ingredients' => array_map(static fn (Ingredient $ingredient): array => [
            'slug' => $ingredient->slug,
            'name' => $ingredient->name,
            'group' => $ingredient->group,
            'tint' => $ingredient->tint,
            'strength_text' => IngredientDocument::strength($ingredient),
            'own' => $ingredient->group === 'own',
            'on_hand' => in_array($ingredient->slug, $onHand, true),
        ], $ingredients)];
    }

    /**
     * @param iterable<StoredRecipe> $recipes
     * @param Definition|null $own how the household described it, where it is its own
     * @return array<string, mixed>
     */
    public static function page(Ingredient $ingredient, iterable $recipes, ?OnHand $onHand, ?array $own): array
    {
        return [
            'slug' => $ingredient->slug,
            'name' => $ingredient->name,
            'group' => $ingredient->group,
            'tint' => $ingredient->tint,
            'may_have_season' => Seasons::mayHave($ingredient),
            'also' => $ingredient->aliases,
            'roles' => $ingredient->roles,
            'caution' => $ingredient->caution,
            'contains' => $ingredient->contains,
            'may_contain' => $ingredient->mayContain,
            'known_text' => self::KNOWN[$ingredient->certainty->value],
            'strengths' => array_map(static fn (Measure $measure): array => self::strength($ingredient, $measure), Measure::cases()),
            'density_text' => $ingredient->density === null ? '' : Wording::grouped($ingredient->density, 2).' g/mL',
            'density_source' => $ingredient->densitySource,
            'edible_text' => $ingredient->edible < 1.0 ? Wording::percent($ingredient->edible).' of what is bought is used' : '',
            'edible_source' => $ingredient->edibleSource,
            'portions' => array_map(static fn (Portion $portion): array => [
                'name' => $portion->name,
                'mass_text' => Wording::grams($portion->grams),
                'spread_text' => 'perhaps '.Wording::grams($portion->grams * exp(-$portion->spread)).' to '.Wording::grams($portion->grams * exp($portion->spread)),
                'source' => $portion->source,
            ], $ingredient->portions),
            'composition' => self::composition($ingredient),
            'used_in' => self::usedIn($ingredient->slug, $recipes),
            'could_replace' => isset($own['like']) ? self::usedIn($own['like'], $recipes) : [],
            'own' => $own,
            'on_hand' => ['have' => $onHand->have ?? false, 'price' => $onHand?->price === null ? null : (float) $onHand->price, 'pack' => $onHand?->pack, 'amount' => $onHand?->amount],
        ];
    }

    /**
     * @return array{measure: string, label: string, text: string, unit: string, bar: float}
     */
    private static function strength(Ingredient $ingredient, Measure $measure): array
    {
        $value = $measure->strengthOf($ingredient);
        [$from, $decades] = self::HEAT_DECADES;
        $bar = match (true) {
            $value === null || $value <= 0.0 => 0.0,
            $measure === Measure::Heat => max(0.0, (log10($value) - $from) / $decades),
            default => $value / self::FULL[$measure->value],
        };

        return [
            'measure' => $measure->value,
            'label' => Wording::label($measure),
            'text' => $value === null ? 'not known' : Wording::number($value),
            'unit' => $measure->unit(),
            'bar' => AnalysisDocument::digits(min(1.0, $bar)),
        ];
    }

    /**
     * @return list<array{name: string, text: string, source: string}>
     */
    private static function composition(Ingredient $ingredient): array
    {
        $rows = [];
        foreach ($ingredient->composition as $constituent => $value) {
            $source = $ingredient->sources[$constituent];
            if (in_array($constituent, Constituent::MOLES, true) || $value === 0.0 && $source === 'none, by its nature') {
                continue;
            }
            $rows[] = [
                'name' => str_replace('-', ' ', Constituent::KEYS[$constituent]),
                'text' => $value === null ? 'not known' : ($value > 0.0 && $value < 0.1 ? Wording::number($value * 1000).' mg' : Wording::number($value).' g'),
                'source' => $source,
            ];
        }

        return $rows;
    }

    /**
     * @param iterable<StoredRecipe> $recipes
     * @return list<array{id: string, name: string}>
     */
    private static function usedIn(string $slug, iterable $recipes): array
    {
        $used = [];
        foreach ($recipes as $recipe) {
            foreach ($recipe->document['stages'] as $stage) {
                if (in_array($slug, array_column($stage['lines'] ?? [], 'ingredient'), true)) {
                    $used[$recipe->id] = ['id' => $recipe->id, 'name' => $recipe->name];
                }
            }
        }

        return array_values($used);
    }
}
