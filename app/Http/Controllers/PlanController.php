<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Http\Requests\ShoppingRequest;
use App\Recipes\Makings;
use App\Recipes\Planner;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Words\PlanView;
use Vinculum\Words\ShoppingView;

/** From one cup to twelve bottles. Nothing is stored. */
final readonly class PlanController
{
    public function __construct(private Planner $planner, private Makings $makings) {}

    /**
     * @return array<string, mixed>
     */
    public function plan(PlanRequest $request, PlanView $view): array
    {
        $recipe = $request->recipe();
        $making = $request->making();
        $scaled = $this->planner->scaled($recipe, $making);

        $look = $this->makings->shown($scaled, $making);

        return $view->of(
            $scaled,
            $recipe,
            $this->planner->equipment(),
            $this->planner->shopping([$scaled->evaluation->cooked->weighed]),
            $making,
        ) + ['making' => $look, 'portions' => $look['portions'], 'portions_problem' => $look['portions_problem']];
    }

    /**
     * @return array<string, mixed>
     */
    public function shopping(ShoppingRequest $request, ShoppingView $view): array
    {
        $batches = [];
        foreach ($request->makings() as $i => $asked) {
            try {
                $batches[] = $this->makings->scaled($asked)->evaluation->cooked->weighed;
            } catch (UnreachableTarget $why) {
                throw InvalidRecipe::at("batches[{$i}].to", $why->getMessage());
            }
        }

        return $view->of($this->planner->shopping($batches));
    }
}
