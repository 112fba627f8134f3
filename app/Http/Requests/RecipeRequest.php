<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\RequestRefused;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Recipe;

/**
 * A body that carries a recipe (recipe-input.schema.json).
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 */
class RecipeRequest extends SchemaRequest
{
    protected const SCHEMA = 'recipe-input';

    /**
     * @throws InvalidRecipe
     */
    public function recipe(): Recipe
    {
        /** @var RecipeArray $document */
        $document = $this->body['recipe'];

        return RecipeDocument::read($document);
    }

    /**
     * The recipe as it is kept: read once, so that ids are made and nothing invalid is stored.
     *
     * @return RecipeArray
     *
     * @throws InvalidRecipe
     */
    public function document(): array
    {
        return RecipeDocument::write($this->recipe());
    }

    public function variantOf(): ?string
    {
        return $this->optional('variant_of');
    }

    /** The revision named in If-Match. */
    public function revision(): int
    {
        if (preg_match('/^(?:W\/)?"?(\d{1,9})"?$/', (string) $this->headers->get('If-Match'), $match) !== 1) {
            throw RequestRefused::revisionNeeded();
        }

        return (int) $match[1];
    }
}
