<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RecipeRequest;
use App\Recipes\Evaluator;
use App\Recipes\Figures;

/** What a draft comes to. Nothing is stored. */
final class EvaluationController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(RecipeRequest $request, Evaluator $evaluator, Figures $figures): array
    {
        return $figures->of($evaluator->evaluate($request->recipe()));
    }
}
