<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\StoredRecipe;

/** A kept recipe as the API sends it (recipe-record.schema.json). */
final class RecordDocument
{
    /**
     * @return array<string, mixed>
     */
    public static function of(StoredRecipe $stored): array
    {
        return [
            'id' => $stored->id,
            'revision' => $stored->revision,
            'updated_at' => $stored->updated_at->toIso8601ZuluString(),
            'recipe' => $stored->document,
            'family' => array_map(static fn (StoredRecipe $other): array => ['id' => $other->id, 'name' => $other->name], $stored->family()),
        ];
    }
}
