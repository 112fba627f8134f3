<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StopRequest;
use App\Recipes\Evaluator;
use Vinculum\Words\StageView;

/** "What if I stop at a third instead of a half." Nothing is stored. */
final class StopController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(StopRequest $request, Evaluator $evaluator, StageView $view): array
    {
        return $view->choices($evaluator->stops($request->recipe(), $request->stage()), $request->stage());
    }
}
