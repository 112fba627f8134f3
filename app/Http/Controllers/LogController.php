<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\NoteRequest;
use App\Http\Resources\LoggedBatch;
use App\Models\Batch;
use App\Models\JarRecord;
use App\Recipes\Journal;
use App\Support\Schemas;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Vinculum\Figure\Csv;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Words\LogView;

/** What was made, found again by any word of it; in and out as files. */
final readonly class LogController
{
    public function __construct(private Journal $journal, private LogView $view) {}

    /**
     * @return array<string, mixed>
     */
    public function index(Request $request): array
    {
        $today = Carbon::today()->toDateString();
        $query = Batch::query()->found((string) $request->query('q', ''));
        $count = (clone $query)->reorder()->count();
        $page = max(0, (int) $request->query('page', '0'));

        return [
            'count' => $count,
            'page' => $page,
            'pages' => (int) max(1, ceil($count / Journal::PAGE)),
            'batches' => $query
                ->with(['tastings', 'jars'])
                ->without('readings')
                ->offset($page * Journal::PAGE)
                ->limit(Journal::PAGE)
                ->get()
                ->map(fn (Batch $batch): array => $this->row($batch, $today))
                ->values()
                ->all(),
            'use_first' => array_map(
                fn (JarRecord $jar): array => [
                    'batch' => $jar->batch_id,
                    'text'
                        => "{$jar->batch->document['name']}, {$jar->batch->number}{$jar->label}"
                        .($jar->opened_on === null ? '' : ', opened'),
                    'until_text'
                        => $jar->keep_until === null
                            ? ''
                            : 'by '.$this->view->short($jar->keep_until->toDateString(), $today),
                    'is_past' => $jar->isPast($today),
                ],
                $this->journal->useFirst($today),
            ),
        ];
    }

    /** A batch from a file of the open format. */
    public function import(NoteRequest $request, Schemas $schemas): JsonResponse
    {
        if (! str_starts_with(ltrim($request->note()), '{')) {
            throw InvalidRecipe::at(
                'text',
                'This is no batch of ours. Choose a file that “As a file” in the Log saved.',
            );
        }

        return (new LoggedBatch($this->journal->bringIn($schemas->check('batch-document', $request->note()))))
            ->response()
            ->setStatusCode(201);
    }

    /**
     * @return array<string, mixed>
     */
    public function csv(): array
    {
        $rows = [['number', 'name', 'made on', 'liking', 'tastings', 'jars left', 'jars']];
        foreach (
            Batch::query()
                ->found('')
                ->with(['tastings', 'jars'])
                ->without('readings')
                ->lazy() as $batch
        ) {
            $rows[] = [
                (string) $batch->number,
                $batch->document['name'],
                $batch->made_on->toDateString(),
                $batch->liking() === null ? '' : (string) round($batch->liking(), 2),
                (string) $batch->tastings->count(),
                (string) $batch->jars->whereNull('gone_on')->count(),
                (string) $batch->jars->count(),
            ];
        }

        return ['file' => 'log.csv', 'type' => 'text/csv', 'text' => Csv::of($rows)];
    }

    /** @return array<string, mixed> */
    private function row(Batch $batch, string $today): array
    {
        $last = $batch->tastings->last();
        $liking = $batch->liking();
        $left = $batch->jars->whereNull('gone_on')->count();

        return [
            'id' => $batch->id,
            'number' => $batch->number ?? 0,
            'name' => $batch->document['name'],
            'made_text' => $this->view->short($batch->made_on->toDateString(), $today),
            'said_text'
                => $liking !== null
                    ? 'liked '.LogView::liking($liking).' of 9'
                    : ($last === null
                        ? ''
                        : $this->view->inAWord($last->said()->feels)),
            'jars_text' => $batch->jars->isEmpty()
                ? ''
                : ($left === 0
                    ? 'gone'
                    : ($left === 1
                        ? '1 jar'
                        : "{$left} jars")),
        ];
    }
}
