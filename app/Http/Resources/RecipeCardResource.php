<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\StoredRecipe;
use Illuminate\Http\Request;
use Vinculum\Words\TrialsView;

/**
 * A recipe on the Shelf, with a miniature of its balance (recipe-list.schema.json).
 *
 * @mixin StoredRecipe
 */
final class RecipeCardResource extends Resource
{
    /**
     * @param array<string, mixed> $card what it comes to
     * @param array{tries: int, recipes: int} $family how much there is of it
     */
    public function __construct(StoredRecipe $recipe, private readonly array $card, private readonly array $family)
    {
        parent::__construct($recipe);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'revision' => $this->revision,
            'updated_at' => $this->updated_at->toIso8601ZuluString(),
            'name' => $this->name,
            'variant_of_name' => $this->parent->name ?? '',
            'tries' => $this->family['tries'],
            'family_text' => app(TrialsView::class)->family($this->family['tries'], $this->family['recipes']),
        ] + $this->card;
    }
}
