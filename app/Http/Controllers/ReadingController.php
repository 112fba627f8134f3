<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ReadingRequest;
use App\Http\Resources\BatchResource;
use App\Models\Batch;
use Illuminate\Support\Facades\DB;
use Vinculum\Log\InvalidReading;
use Vinculum\Log\Reading;
use Vinculum\Recipe\InvalidRecipe;

/** What was measured of a batch. */
final class ReadingController
{
    /** One reading more; or one instead of another, which is kept beside it and stands no longer. */
    public function store(Batch $batch, ReadingRequest $request): BatchResource
    {
        $given = $request->reading();
        try {
            $reading = new Reading(
                $given['kind'],
                (float) $given['value'],
                $given['hot'] ?? false,
                $given['rested'] ?? true,
                $given['instrument'] ?? 'calibrated',
            );
        } catch (InvalidReading $why) {
            throw InvalidRecipe::at('value', $why->getMessage());
        }
        DB::transaction(function () use ($batch, $reading, $given): void {
            $wrong = isset($given['instead_of']) ? $batch->readings()->findOrFail($given['instead_of']) : null;
            $wrong?->setAside();
            $batch->readings()->create([
                'kind' => $reading->kind,
                'value' => $reading->value,
                'hot' => $reading->isHot,
                'rested' => $reading->isRested,
                'instrument' => $reading->instrument,
                'note' => $given['note'] ?? '',
                'instead_of' => $wrong?->id,
            ]);
        });

        return new BatchResource($batch->refresh());
    }

    /** A wrong reading stands no longer; it is kept, so that one can see it was taken. */
    public function destroy(Batch $batch, int $reading): BatchResource
    {
        $batch->readings()->findOrFail($reading)->setAside();

        return new BatchResource($batch->refresh());
    }
}
