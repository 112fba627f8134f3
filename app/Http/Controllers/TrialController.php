<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\RequestRefused;
use App\Http\Requests\BlindRequest;
use App\Http\Resources\LoggedBatch;
use App\Models\Batch;
use App\Models\StoredRecipe;
use App\Recipes\Journal;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Vinculum\Log\Trials;
use Vinculum\Words\LogView;

/** Trials of one sauce, and the two cups worth tasting next. */
final readonly class TrialController
{
    /** What cups are called, so that nobody knows which is which. */
    private const CUPS = ['Heron', 'Otter', 'Birch', 'Pebble', 'Lantern', 'Kettle', 'Reed', 'Sail'];

    /** Batches of one sauce that can be put into the table of its trials. */
    private const TRIALS = 40;

    public function __construct(private Journal $journal, private LogView $view) {}

    /**
     * Trials of one sauce in one table: those that are named, or the latest.
     *
     * @return array<string, mixed>
     */
    public function index(StoredRecipe $recipe, Request $request): array
    {
        $today = Carbon::today()->toDateString();
        $asked = array_filter(explode(',', is_string($request->query('batches')) ? $request->query('batches') : ''));
        $all = $recipe->batches()->without('readings')->with('tastings')->limit(self::TRIALS)->get();
        $chosen = $all
            ->filter(static fn (Batch $batch): bool => $asked === [] || in_array($batch->id, $asked, true))
            ->take(Trials::MOST)
            ->sortBy(['made_on', 'number'])
            ->values();
        if ($chosen->isEmpty()) {
            throw new RequestRefused(404, 'not-found', 'This sauce was not made yet.');
        }

        return ['name' => $recipe->name]
            + $this->view->trials(
                $this->journal->trials($chosen),
                array_values(
                    $chosen
                        ->map(
                            static fn (Batch $batch): array => [
                                'id' => $batch->id,
                                'number' => $batch->number ?? 0,
                                'made_on' => $batch->made_on->toDateString(),
                            ],
                        )
                        ->all(),
                ),
                $today,
            ) + [
                'others' => array_values(
                    $all
                        ->diff($chosen)
                        ->map(
                            fn (Batch $batch): array => [
                                'id' => $batch->id,
                                'number' => $batch->number ?? 0,
                                'made_text' => $this->view->short($batch->made_on->toDateString(), $today),
                            ],
                        )
                        ->all(),
                ),
            ];
    }

    /**
     * Two cups worth tasting next, with names that say nothing.
     *
     * @return array<string, mixed>
     */
    public function next(Batch $batch): array
    {
        $trial = $this->journal->nextTrial($batch);
        $names = self::CUPS;
        shuffle($names);

        return [
            'taste' => $trial['taste'],
            'steps' => $trial['steps'],
            'changed' => $names[0],
            'plain' => $names[1],
        ] + $this->view->cups($trial['remedy'], $trial['taste'], $trial['steps']);
    }

    /**
     * @return array<string, mixed>
     */
    public function blind(Batch $batch, BlindRequest $request): array
    {
        $answers = $request->answers();
        $this->journal->blind($batch, $request->taste(), $request->steps(), $answers);

        return [
            'text' => LogView::blindResult($request->taste(), $request->steps(), array_column($answers, 'moved')),
            'batch' => new LoggedBatch($batch->refresh()),
        ];
    }
}
