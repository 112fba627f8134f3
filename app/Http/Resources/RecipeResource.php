<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\StoredRecipe;
use Illuminate\Http\Request;

/**
 * A kept recipe (recipe-record.schema.json).
 *
 * @mixin StoredRecipe
 */
final class RecipeResource extends Resource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'revision' => $this->revision,
            'updated_at' => $this->updated_at->toIso8601ZuluString(),
            // a document that leaves the house names the sauce it is a try of
            'recipe' => $this->document + ($this->parent === null ? [] : ['family' => $this->parent->name]),
            'family' => $this->family()
                ->get()
                ->map(fn (StoredRecipe $other): array => ['id' => $other->id, 'name' => $other->name])
                ->values()
                ->all(),
        ];
    }
}
