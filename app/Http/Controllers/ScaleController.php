<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ScaleDocument;
use App\Http\Requests\ScaleInput;
use App\Recipes\Planner;

/** A draft for another amount of sauce. Nothing is stored. */
final class ScaleController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(ScaleInput $input, Planner $planner): array
    {
        $recipe = $input->recipe();

        return ScaleDocument::of($planner->scaled($recipe, $input->to(), $input->headspacePercent()), $recipe);
    }
}
