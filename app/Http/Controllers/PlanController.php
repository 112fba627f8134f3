<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Http\Requests\ShoppingRequest;
use App\Models\StoredRecipe;
use App\Recipes\Evaluator;
use App\Recipes\Planner;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Words\PlanView;
use Vinculum\Words\ShoppingView;

/** From one cup to twelve bottles. Nothing is stored. */
final readonly class PlanController
{
    public function __construct(private Planner $planner) {}

    /**
     * @return array<string, mixed>
     */
    public function plan(PlanRequest $request, PlanView $view): array
    {
        $recipe = $request->recipe();
        $scaled = $this->planner->scaled($recipe, $request->to(), $request->headspacePercent());

        return $view->of(
            $scaled,
            $recipe,
            $this->planner->equipment(),
            $this->planner->shopping([$scaled->evaluation->cooked->weighed]),
            $request->headspacePercent(),
            $request->portions(),
        );
    }

    /**
     * @return array<string, mixed>
     */
    public function shopping(ShoppingRequest $request, ShoppingView $view, Evaluator $evaluator): array
    {
        $batches = [];
        foreach ($request->given()['batches'] as $i => $batch) {
            $stored
                = StoredRecipe::query()->find($batch['recipe'])
                ?? throw InvalidRecipe::at("batches[{$i}].recipe", 'is no recipe on the Shelf.');
            try {
                $batches[] = $this->planner->scaled(
                    $evaluator->stored($stored)->recipe,
                    $batch['to'],
                    0.0,
                )->evaluation->cooked->weighed;
            } catch (UnreachableTarget $why) {
                throw InvalidRecipe::at("batches[{$i}].to", $why->getMessage());
            }
        }

        return $view->of($this->planner->shopping($batches));
    }
}
