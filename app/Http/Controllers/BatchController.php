<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MadeRequest;
use App\Http\Requests\OnwardRequest;
use App\Http\Requests\ServedRequest;
use App\Http\Resources\BatchResource;
use App\Http\Resources\LoggedBatch;
use App\Http\Resources\RecipeResource;
use App\Models\Batch;
use App\Models\StoredRecipe;
use App\Pantry\Household;
use App\Recipes\Differently;
use App\Recipes\Evaluator;
use App\Recipes\Journal;
use App\Recipes\Makings;
use App\Recipes\Onward;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Vinculum\Log\MadeBatch;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Words\LogView;

/** A batch: a recipe as it was made on a day. */
final class BatchController
{
    /** The last ones; all of them are in the Log. */
    private const SHOWN = 12;

    /**
     * @return array<string, mixed>
     */
    public function index(StoredRecipe $recipe): array
    {
        return [
            'batches' => BatchResource::collection($recipe->batches()->limit(self::SHOWN)->get()),
            'count' => $recipe->batches()->count(),
        ];
    }

    /** As the recipe stands now, on the day that is said. */
    public function store(
        StoredRecipe $recipe,
        MadeRequest $request,
        Evaluator $evaluator,
        Journal $journal,
        Makings $makings,
        Differently $differently,
    ): BatchResource {
        $madeOn = $request->madeOn();
        $asked = $request->asked();
        if ($asked !== null && $asked->stored->id !== $recipe->id) {
            throw InvalidRecipe::at('making', 'is a making of another recipe. Expected: one of this.');
        }
        $scaled = $asked === null ? null : $makings->scaled($asked);
        $evaluation = $scaled->evaluation ?? $evaluator->stored($recipe);
        if ($evaluation->cooked->mixture->mass() <= 0.0) {
            throw InvalidRecipe::at('recipe', 'There is nothing in that pot yet.');
        }

        $document = $scaled === null ? $recipe->document : RecipeDocument::write($scaled->recipe);
        $read = $request->different() === '' ? null : $differently->read($evaluation->recipe, $request->different());
        $made = [
            'made_on' => $madeOn,
            'document' => $read === null ? $document : RecipeDocument::write($read['recipe']),
            'frozen' => MadeBatch::freeze($read === null ? $evaluation : $differently->evaluated($read['recipe'])),
            'planned' => $read === null ? null : $document,
            'making' => $asked === null ? null : Makings::kept($asked->making),
        ];
        $kept = $read['kept'] ?? [];
        $batch = DB::transaction(static function () use ($recipe, $journal, $made, $differently, $kept): Batch {
            $batch = $recipe->batches()->create($made);
            $recipe->keepVersion("no. {$batch->number}");
            $differently->note($batch, $kept);
            $journal->index($batch);

            return $batch;
        });

        return new BatchResource($batch);
    }

    public function show(Batch $batch): LoggedBatch
    {
        return new LoggedBatch($batch);
    }

    public function update(Batch $batch, ServedRequest $request, Household $household): LoggedBatch
    {
        $made = $batch->made()->mixture();
        $batch
            ->fill($request->facts($household->preferences()->measures, $made->mass() / max(1e-9, $made->volume())))
            ->save();

        return new LoggedBatch($batch->refresh());
    }

    /**
     * @return array<string, mixed>
     */
    public function beside(Batch $batch, Batch $other, Journal $journal, LogView $view): array
    {
        return ['number' => $other->number ?? 0, 'name' => $other->document['name']]
            + $view->beside($journal->beside($batch, $other));
    }

    /**
     * @return array<string, mixed>
     */
    public function document(Batch $batch, Journal $journal): array
    {
        return [
            'file' => "batch-{$batch->number}.json",
            'type' => 'application/json',
            'text' => json_encode(
                $journal->document($batch),
                JSON_THROW_ON_ERROR
                    | JSON_PRETTY_PRINT
                    | JSON_UNESCAPED_UNICODE
                    | JSON_UNESCAPED_SLASHES
                    | JSON_PRESERVE_ZERO_FRACTION,
            ),
        ];
    }

    public function again(Batch $batch, Journal $journal): JsonResponse
    {
        return (new RecipeResource($journal->again($batch)))->response()->setStatusCode(201);
    }

    /** A base that waited becomes the beginning of another sauce. */
    public function onward(Batch $batch, OnwardRequest $request, Onward $onward): JsonResponse
    {
        return (new RecipeResource($onward->from($batch, $request->amount())))->response()->setStatusCode(201);
    }

    public function destroy(Batch $batch): Response
    {
        $batch->delete();

        return new Response('', 204);
    }
}
