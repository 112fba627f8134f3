<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FamilyRequest;
use App\Http\Resources\RecipeResource;
use App\Models\StoredRecipe;
use App\Recipes\Families;

/** Which recipes are tries of one sauce, joined and split by hand. */
final readonly class FamilyController
{
    public function __construct(private Families $families) {}

    public function join(StoredRecipe $recipe, FamilyRequest $request): RecipeResource
    {
        $this->families->join($recipe, $request->with());

        return new RecipeResource($recipe->refresh());
    }

    public function split(StoredRecipe $recipe): RecipeResource
    {
        $this->families->split($recipe);

        return new RecipeResource($recipe->refresh());
    }
}
