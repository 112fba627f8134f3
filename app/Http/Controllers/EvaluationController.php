<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\AnalysisDocument;
use App\Documents\BenchDocument;
use App\Http\Requests\RecipeInput;
use App\Recipes\Evaluator;

/** What a draft comes to. Nothing is stored. */
final class EvaluationController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(RecipeInput $input, Evaluator $evaluator): array
    {
        $evaluation = $evaluator->evaluate($input->recipe());

        return ['analysis' => AnalysisDocument::of($evaluation), 'bench' => BenchDocument::of($evaluation)];
    }
}
