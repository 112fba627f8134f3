<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ScaleDocument;
use App\Http\Requests\ScaleInput;
use App\Pantry\Household;
use App\Recipes\Evaluator;
use Vinculum\Batch\Scaler;
use Vinculum\Batch\ScaleTarget;

/** A draft for another amount of sauce. Nothing is stored. */
final class ScaleController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(ScaleInput $input, Evaluator $evaluator, Household $household): array
    {
        $recipe = $input->recipe();
        $target = ScaleTarget::parse($input->to(), $recipe->measures);

        return ScaleDocument::of((new Scaler($household->catalogueFor($recipe)))->scale($evaluator->evaluate($recipe), $target, $input->headspacePercent()));
    }
}
