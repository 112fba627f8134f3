<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\Schemas;
use App\Http\RequestRefused;
use Illuminate\Http\Request;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Recipe;

/**
 * A body that carries a recipe, checked against its schema (recipe-input.schema.json) before anything reads it.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 */
class RecipeInput
{
    protected const SCHEMA = 'recipe-input';

    /** @var array<array-key, mixed> */
    protected readonly array $body;

    public function __construct(protected readonly Request $request, Schemas $schemas)
    {
        $this->body = $schemas->check(static::SCHEMA, (string) $request->getContent());
    }

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
        return is_string($this->body['variant_of'] ?? null) ? $this->body['variant_of'] : null;
    }

    /** The revision named in If-Match. */
    public function revision(): int
    {
        if (preg_match('/^(?:W\/)?"?(\d{1,9})"?$/', (string) $this->request->headers->get('If-Match'), $match) !== 1) {
            throw RequestRefused::revisionNeeded();
        }

        return (int) $match[1];
    }
}
