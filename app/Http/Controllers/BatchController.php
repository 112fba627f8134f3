<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\BatchDocument;
use App\Documents\Schemas;
use App\Models\Batch;
use App\Models\StoredRecipe;
use App\Recipes\Evaluator;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;

/** Batches of a recipe, and what was measured of them. */
final readonly class BatchController
{
    public function __construct(private Schemas $schemas) {}

    /**
     * @return array<string, mixed>
     */
    public function index(StoredRecipe $recipe): array
    {
        return ['batches' => Batch::ofRecipe($recipe->id)->map(BatchDocument::of(...))->values()->all()];
    }

    public function store(StoredRecipe $recipe, Evaluator $evaluator): JsonResponse
    {
        $evaluation = $evaluator->evaluate(RecipeDocument::read($recipe->document));
        if ($evaluation->cooked->rows === []) {
            throw InvalidRecipe::at('recipe', 'There is nothing in that pot yet.');
        }
        $batch = Batch::query()->create([
            'recipe_id' => $recipe->id,
            'made_on' => Carbon::today(),
            'document' => $recipe->document,
            'frozen' => BatchDocument::freeze($evaluation),
            'readings' => [],
        ]);

        return new JsonResponse(BatchDocument::of($batch), 201);
    }

    /**
     * @return array<string, mixed>
     */
    public function read(Batch $batch, Request $request): array
    {
        /** @var array{kind: 'ph'|'brix'|'salt'|'mass', value: float|int, hot?: bool, rested?: bool} $reading */
        $reading = $this->schemas->check('reading-input', (string) $request->getContent());
        $batch->readings = [...$batch->readings, ['kind' => $reading['kind'], 'value' => (float) $reading['value'], 'hot' => $reading['hot'] ?? false, 'rested' => $reading['rested'] ?? true]];
        $batch->save();

        return BatchDocument::of($batch);
    }

    public function destroy(Batch $batch): Response
    {
        $batch->delete();

        return new Response('', 204);
    }
}
