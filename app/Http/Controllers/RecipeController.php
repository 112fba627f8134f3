<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\RecordDocument;
use App\Documents\ShelfDocument;
use App\Http\RequestRefused;
use App\Http\Requests\RecipeInput;
use App\Models\StoredRecipe;
use App\Pantry\Household;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The recipes that are kept. */
final class RecipeController
{
    /**
     * @return array<string, mixed>
     */
    public function index(Request $request, ShelfDocument $shelf): array
    {
        $typed = $request->string('q')->trim()->value();

        return $shelf->of(StoredRecipe::onTheShelf($typed));
    }

    public function store(RecipeInput $input, Household $household): JsonResponse
    {
        return new JsonResponse(RecordDocument::of(StoredRecipe::keep($household->embed($input->document()), $input->variantOf())), 201);
    }

    /**
     * @return array<string, mixed>
     */
    public function show(StoredRecipe $recipe): array
    {
        return RecordDocument::of($recipe);
    }

    /**
     * @return array<string, mixed>
     */
    public function update(RecipeInput $input, StoredRecipe $recipe, Household $household): array
    {
        $seen = $input->revision();
        $document = $household->embed($input->document());
        if (! $recipe->replace($document, $seen)) {
            throw new RequestRefused(409, 'saved-in-between', 'This recipe was saved from somewhere else since you opened it.', beside: [
                'yours' => $document,
                'theirs' => RecordDocument::of($recipe),
            ]);
        }

        return RecordDocument::of($recipe);
    }

    public function destroy(StoredRecipe $recipe): Response
    {
        $recipe->delete();

        return new Response('', 204);
    }

    /**
     * @return array<string, mixed>
     */
    public function restore(StoredRecipe $recipe): array
    {
        $recipe->restore();

        return RecordDocument::of($recipe);
    }

    public function duplicate(StoredRecipe $recipe): JsonResponse
    {
        $document = $recipe->document;
        $document['name'] = mb_substr($document['name'], 0, 110).', a copy';

        return new JsonResponse(RecordDocument::of(StoredRecipe::keep($document)), 201);
    }
}
