<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ScaleRequest;
use App\Recipes\Planner;
use Vinculum\Words\ScaleView;

/** A draft for another amount of sauce. Nothing is stored. */
final class ScaleController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(ScaleRequest $request, Planner $planner, ScaleView $view): array
    {
        $recipe = $request->recipe();

        return $view->of($planner->scaled($recipe, $request->making()), $recipe);
    }
}
