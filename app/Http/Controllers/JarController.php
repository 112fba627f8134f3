<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\JarRequest;
use App\Http\Requests\JarsRequest;
use App\Http\Resources\LoggedBatch;
use App\Models\Batch;
use App\Models\JarRecord;
use App\Pantry\Household;
use App\Recipes\Journal;

/** The jars of a batch: filled, opened, moved, given away, emptied. */
final readonly class JarController
{
    public function __construct(private Journal $journal, private Household $household) {}

    public function store(Batch $batch, JarsRequest $request): LoggedBatch
    {
        $this->journal->fill(
            $batch,
            $request->count(),
            $request->sizeMl($this->household->preferences()->measures),
            $request->kind(),
            $request->place(),
        );

        return new LoggedBatch($batch->refresh());
    }

    public function update(JarRecord $jar, JarRequest $request): LoggedBatch
    {
        $this->journal->change($jar, $request->changes());

        return new LoggedBatch($jar->batch->refresh());
    }
}
