<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\HeardRequest;
use App\Http\Requests\TastingRequest;
use App\Http\Resources\LoggedBatch;
use App\Models\Batch;
use App\Recipes\Journal;
use App\Recipes\TrialBooks;
use Illuminate\Support\Carbon;
use Vinculum\Recipe\InvalidRecipe;

/** What was said of a batch, and taken back. */
final readonly class TastingController
{
    public function __construct(private Journal $journal) {}

    public function store(Batch $batch, TastingRequest $request): LoggedBatch
    {
        $said = $request->said();
        if (isset($said['on']) && $said['on'] > Carbon::today()->toDateString()) {
            throw InvalidRecipe::at('on', 'is a day to come. Expected: the day it was tasted.');
        }
        if (($said['feels'] ?? []) === [] && ! isset($said['liking']) && trim($said['note'] ?? '') === '') {
            throw InvalidRecipe::at('feels', 'Say something of it: a taste, how well it is liked, or a note.');
        }
        $this->journal->taste($batch, $said);

        return new LoggedBatch($batch->refresh());
    }

    /** What its note says of tastes counts as if a spoon had said it; or does not, and is not asked again. */
    public function heard(Batch $batch, int $tasting, HeardRequest $request, TrialBooks $books): LoggedBatch
    {
        $said = $batch->tastings()->findOrFail($tasting);
        $heard = $said->said($books->reader($this->journal->evaluated($batch))($said->note));
        $said
            ->fill([
                'heard' => $request->counts(),
                'feels' => $said->feels + ($request->counts() ? $heard->onlyHeard() : []),
            ])
            ->save();
        $this->journal->index($batch->refresh());

        return new LoggedBatch($batch);
    }

    public function destroy(Batch $batch, int $tasting): LoggedBatch
    {
        $batch->tastings()->findOrFail($tasting)->delete();
        $this->journal->index($batch->refresh());

        return new LoggedBatch($batch);
    }
}
