<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\RecipeResource;
use App\Models\StoredRecipe;
use App\Recipes\Evaluator;
use App\Recipes\Figures;
use App\Recipes\Styles;
use Illuminate\Http\Request;

/** All that the Bench opens with in one answer, since each question would wait for the one before it. */
final class BenchController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(Request $request, Evaluator $evaluator, Figures $figures, Styles $styles): array
    {
        $id = $request->string('recipe')->value();
        $recipe = $id === '' ? StoredRecipe::query()->onTheShelf()->first() : StoredRecipe::query()->findOrFail($id);

        return [
            'record' => $recipe === null ? null : new RecipeResource($recipe),
            'evaluation' => $recipe === null ? null : $figures->of($evaluator->stored($recipe)),
            'styles' => $styles->listed(),
        ];
    }
}
