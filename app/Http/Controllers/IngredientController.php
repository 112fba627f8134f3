<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pantry\Household;
use Illuminate\Http\Request;
use Vinculum\Words\IngredientView;

/** Ingredients by what a maker types. */
final class IngredientController
{
    private const MOST = 12;

    /**
     * @return array<string, mixed>
     */
    public function __invoke(Request $request, Household $household, IngredientView $view): array
    {
        $typed = mb_substr($request->string('q')->value(), 0, 120);

        return [
            'ingredients' => array_map(
                $view->of(...),
                $household->searched($typed, self::MOST)->search($typed, self::MOST),
            ),
        ];
    }
}
