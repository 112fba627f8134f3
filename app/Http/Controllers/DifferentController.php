<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DifferentRequest;
use App\Http\Resources\LoggedBatch;
use App\Models\Batch;
use App\Models\StoredRecipe;
use App\Recipes\Differently;
use App\Recipes\Evaluator;
use Vinculum\Words\Speech;

/** What was made otherwise that time. */
final readonly class DifferentController
{
    public function __construct(private Differently $differently) {}

    /**
     * What the words come to, with nothing kept.
     *
     * @return array<string, mixed>
     */
    public function read(StoredRecipe $recipe, DifferentRequest $request, Evaluator $evaluator, Speech $speech): array
    {
        $read = $this->differently->read($evaluator->stored($recipe)->recipe, $request->words());
        $made = $evaluator->evaluate($read['recipe']);

        return [
            'clauses' => $read['clauses'],
            'makes_text' => $speech->volume($made->estimates->volume()->value),
        ];
    }

    public function update(Batch $batch, DifferentRequest $request): LoggedBatch
    {
        $this->differently->keep($batch, $request->words());

        return new LoggedBatch($batch->refresh());
    }
}
