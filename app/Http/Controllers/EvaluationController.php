<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RecipeRequest;
use App\Models\HobRecord;
use App\Pantry\Household;
use App\Recipes\Evaluator;
use Vinculum\Words\AnalysisView;
use Vinculum\Words\BenchView;
use Vinculum\Words\Speech;

/** What a draft comes to. Nothing is stored. */
final class EvaluationController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(RecipeRequest $request, Evaluator $evaluator, AnalysisView $analysis, Speech $speech, Household $household): array
    {
        $evaluation = $evaluator->evaluate($request->recipe());

        return ['analysis' => $analysis->of($evaluation), 'bench' => (new BenchView($speech, $evaluation, $household->shipped(), HobRecord::known()))->whole()];
    }
}
