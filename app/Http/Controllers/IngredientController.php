<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Request;
use Vinculum\Pantry\Catalogue;
use Vinculum\Words\IngredientView;

/** Ingredients by what a maker types. */
final class IngredientController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(Request $request, Catalogue $catalogue, IngredientView $view): array
    {
        $typed = mb_substr($request->string('q')->value(), 0, 120);

        return ['ingredients' => array_map($view->of(...), $catalogue->search($typed))];
    }
}
