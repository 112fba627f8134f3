<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Models\OnHand;
use App\Models\StoredRecipe;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\OwnIngredient;
use Vinculum\Words\PantryView;

/**
 * One ingredient's page with all that this household knows of it.
 *
 * @phpstan-import-type Definition from OwnIngredient
 */
final readonly class PantryShelf
{
    public function __construct(private Household $household) {}

    /**
     * @param Definition|null $own how it is described, where that is not kept yet
     * @return array<string, mixed>
     */
    public function page(Ingredient $ingredient, ?array $own = null): array
    {
        $own ??= $this->household->definition($ingredient->slug);
        $like = $own['like'] ?? null;

        return (new PantryView($this->household->preferences()->speech()))->page(
            $ingredient,
            self::recipesWith($ingredient->slug),
            $like === null ? [] : self::recipesWith($like),
            OnHand::noted(OnHand::query()->find($ingredient->slug)),
            $own,
        );
    }

    /** @return list<array{id: string, name: string}> */
    private static function recipesWith(string $slug): array
    {
        return array_values(
            StoredRecipe::query()
                ->using($slug)
                ->get(['id', 'name'])
                ->map(static fn (StoredRecipe $recipe): array => ['id' => $recipe->id, 'name' => $recipe->name])
                ->all(),
        );
    }
}
