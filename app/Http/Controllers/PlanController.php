<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\PlanDocument;
use App\Documents\Schemas;
use App\Documents\ShoppingDocument;
use App\Http\Requests\PlanInput;
use App\Models\StoredRecipe;
use App\Recipes\Planner;
use Illuminate\Http\Request;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;

/** From one cup to twelve bottles. Nothing is stored. */
final readonly class PlanController
{
    public function __construct(private Planner $planner) {}

    /**
     * @return array<string, mixed>
     */
    public function plan(PlanInput $input): array
    {
        $recipe = $input->recipe();

        return PlanDocument::of($this->planner->scaled($recipe, $input->to(), $input->headspacePercent()), $recipe, $this->planner, $input->headspacePercent(), $input->portions());
    }

    /**
     * @return array<string, mixed>
     */
    public function shopping(Request $request, Schemas $schemas): array
    {
        /** @var array{batches: list<array{recipe: string, to: string}>} $body */
        $body = $schemas->check('shopping-input', (string) $request->getContent());
        $batches = [];
        foreach ($body['batches'] as $i => $batch) {
            $stored = StoredRecipe::query()->find($batch['recipe']) ?? throw InvalidRecipe::at("batches[{$i}].recipe", 'is no recipe on the Shelf.');
            try {
                $batches[] = $this->planner->scaled(RecipeDocument::read($stored->document), $batch['to'], 0.0)->evaluation->cooked->weighed;
            } catch (UnreachableTarget $why) {
                throw InvalidRecipe::at("batches[{$i}].to", $why->getMessage());
            }
        }

        return ShoppingDocument::of($this->planner->shopping($batches));
    }
}
