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
            'recipe' => $this->document,
            'family' => $this->family()
                ->get()
                ->map(fn (StoredRecipe $other): array => ['id' => $other->id, 'name' => $other->name])
                ->values()
                ->all(),
        ];
    }
}
