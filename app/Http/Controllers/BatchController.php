<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MadeRequest;
use App\Http\Requests\ReadingRequest;
use App\Http\Resources\BatchResource;
use App\Models\Batch;
use App\Models\StoredRecipe;
use App\Recipes\Evaluator;
use App\Recipes\Journal;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Vinculum\Log\InvalidReading;
use Vinculum\Log\MadeBatch;
use Vinculum\Log\Reading;
use Vinculum\Recipe\InvalidRecipe;

/** Batches of a recipe, and what was measured of them. */
final class BatchController
{
    /** The last ones; all of them are in the Log. */
    private const SHOWN = 12;

    /**
     * @return array<string, mixed>
     */
    public function index(StoredRecipe $recipe): array
    {
        return ['batches' => BatchResource::collection($recipe->batches()->limit(self::SHOWN)->get()), 'count' => $recipe->batches()->count()];
    }

    /** As the recipe stands now, on the day that is said. */
    public function store(StoredRecipe $recipe, MadeRequest $request, Evaluator $evaluator, Journal $journal): BatchResource
    {
        $madeOn = $request->madeOn();
        $evaluation = $evaluator->stored($recipe);
        if ($evaluation->cooked->mixture->mass() <= 0.0) {
            throw InvalidRecipe::at('recipe', 'There is nothing in that pot yet.');
        }

        $batch = DB::transaction(static function () use ($recipe, $evaluation, $journal, $madeOn): Batch {
            $batch = $recipe->batches()->create(['made_on' => $madeOn, 'document' => $recipe->document, 'frozen' => MadeBatch::freeze($evaluation)]);
            $recipe->keepVersion("no. {$batch->number}");
            $journal->index($batch);

            return $batch;
        });

        return new BatchResource($batch);
    }

    /** One reading more; or one instead of another, which is kept beside it and stands no longer. */
    public function read(Batch $batch, ReadingRequest $request): BatchResource
    {
        $given = $request->reading();
        try {
            $reading = new Reading($given['kind'], (float) $given['value'], $given['hot'] ?? false, $given['rested'] ?? true, $given['instrument'] ?? 'calibrated');
        } catch (InvalidReading $why) {
            throw InvalidRecipe::at('value', $why->getMessage());
        }
        DB::transaction(function () use ($batch, $reading, $given): void {
            $wrong = isset($given['instead_of']) ? $batch->readings()->findOrFail($given['instead_of']) : null;
            $wrong?->setAside();
            $batch->readings()->create([
                'kind' => $reading->kind, 'value' => $reading->value, 'hot' => $reading->isHot, 'rested' => $reading->isRested,
                'instrument' => $reading->instrument, 'note' => $given['note'] ?? '', 'instead_of' => $wrong?->id,
            ]);
        });

        return new BatchResource($batch->refresh());
    }

    /** A wrong reading stands no longer; it is kept, so that one can see it was taken. */
    public function setAside(Batch $batch, int $reading): BatchResource
    {
        $batch->readings()->findOrFail($reading)->setAside();

        return new BatchResource($batch->refresh());
    }

    public function destroy(Batch $batch): Response
    {
        $batch->delete();

        return new Response('', 204);
    }
}
