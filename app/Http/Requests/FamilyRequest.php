<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\StoredRecipe;
use Vinculum\Recipe\InvalidRecipe;

/** A recipe to belong to the family of (family-input.schema.json). */
final class FamilyRequest extends SchemaRequest
{
    protected const SCHEMA = 'family-input';

    public function with(): StoredRecipe
    {
        return StoredRecipe::query()->find($this->text('with'))
            ?? throw InvalidRecipe::at('with', 'is no recipe on the Shelf. Expected: one that is.');
    }
}
