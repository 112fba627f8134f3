<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BatchNoteRequest;
use App\Http\Resources\LoggedBatch;
use App\Models\Batch;
use App\Recipes\Journal;

/** What is noted down of a batch. */
final readonly class BatchNoteController
{
    public function __construct(private Journal $journal) {}

    public function store(Batch $batch, BatchNoteRequest $request): LoggedBatch
    {
        $batch->notes()->create(['text' => $request->words()]);
        $this->journal->index($batch->refresh());

        return new LoggedBatch($batch);
    }
}
