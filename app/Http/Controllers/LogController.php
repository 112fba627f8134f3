<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\RequestRefused;
use App\Http\Requests\BatchNoteRequest;
use App\Http\Requests\BlindRequest;
use App\Http\Requests\JarRequest;
use App\Http\Requests\JarsRequest;
use App\Http\Requests\NoteRequest;
use App\Http\Requests\PictureRequest;
use App\Http\Requests\ServedRequest;
use App\Http\Requests\TastingRequest;
use App\Http\Resources\LoggedBatch;
use App\Http\Resources\RecipeResource;
use App\Models\Batch;
use App\Models\JarRecord;
use App\Models\StoredRecipe;
use App\Pantry\Household;
use App\Recipes\Journal;
use App\Support\Schemas;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Vinculum\Figure\Csv;
use Vinculum\Log\Trials;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Words\LogView;

/** What was made: batches, jars, tastings, notes. */
final readonly class LogController
{
    private const PICTURES = 4;

    /** What cups are called, so that nobody knows which is which. */
    private const CUPS = ['Heron', 'Otter', 'Birch', 'Pebble', 'Lantern', 'Kettle', 'Reed', 'Sail'];

    /** Batches of one sauce that can be put into the table of its trials. */
    private const TRIALS = 40;

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
            'batches' => $query->with(['tastings', 'jars'])->without('readings')->offset($page * Journal::PAGE)->limit(Journal::PAGE)->get()->map(fn (Batch $batch): array => $this->row($batch, $today))->values()->all(),
            'use_first' => array_map(fn (JarRecord $jar): array => [
                'batch' => $jar->batch_id,
                'text' => "{$jar->batch->document['name']}, {$jar->batch->number}{$jar->label}".($jar->opened_on === null ? '' : ', opened'),
                'until_text' => $jar->keep_until === null ? '' : 'by '.$this->view->short($jar->keep_until->toDateString(), $today),
                'is_past' => $jar->isPast($today),
            ], $this->journal->useFirst($today)),
        ];
    }

    public function show(Batch $batch): LoggedBatch
    {
        return new LoggedBatch($batch);
    }

    public function taste(Batch $batch, TastingRequest $request): LoggedBatch
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

    /**
     * Two cups worth tasting next, with names that say nothing.
     *
     * @return array<string, mixed>
     */
    public function nextTrial(Batch $batch): array
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

        return ['text' => LogView::blindResult($request->taste(), $request->steps(), array_column($answers, 'moved')), 'batch' => new LoggedBatch($batch->refresh())];
    }

    public function takeBack(Batch $batch, int $tasting): LoggedBatch
    {
        $batch->tastings()->findOrFail($tasting)->delete();
        $this->journal->index($batch->refresh());

        return new LoggedBatch($batch);
    }

    public function fill(Batch $batch, JarsRequest $request): LoggedBatch
    {
        $this->journal->fill($batch, $request->count(), $request->sizeMl(), $request->kind(), $request->place());

        return new LoggedBatch($batch->refresh());
    }

    public function jar(JarRecord $jar, JarRequest $request): LoggedBatch
    {
        $this->journal->change($jar, $request->changes());

        return new LoggedBatch($jar->batch->refresh());
    }

    public function note(Batch $batch, BatchNoteRequest $request): LoggedBatch
    {
        $batch->notes()->create(['text' => $request->words()]);
        $this->journal->index($batch->refresh());

        return new LoggedBatch($batch);
    }

    public function served(Batch $batch, ServedRequest $request, Household $household): LoggedBatch
    {
        $made = $batch->made()->mixture();
        $batch->fill($request->facts($household->preferences()->measures, $made->mass() / max(1e-9, $made->volume())))->save();

        return new LoggedBatch($batch->refresh());
    }

    public function picture(Batch $batch, PictureRequest $request): LoggedBatch
    {
        if ($batch->pictures()->count() >= self::PICTURES) {
            throw new RequestRefused(409, 'enough-pictures', 'A batch has at most '.self::PICTURES.' pictures. Take one away first.');
        }
        $picture = $request->picture();
        $batch->pictures()->create(['jpeg' => base64_encode($picture->jpeg), 'width' => $picture->width, 'height' => $picture->height]);

        return new LoggedBatch($batch->refresh());
    }

    public function showPicture(Batch $batch, int $picture): Response
    {
        $kept = $batch->pictures()->findOrFail($picture);

        return new Response((string) base64_decode($kept->jpeg, true), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    public function takePictureAway(Batch $batch, int $picture): LoggedBatch
    {
        $batch->pictures()->findOrFail($picture)->delete();

        return new LoggedBatch($batch->refresh());
    }

    /**
     * @return array<string, mixed>
     */
    public function beside(Batch $batch, Batch $other): array
    {
        return ['number' => $other->number ?? 0, 'name' => $other->document['name']] + $this->view->beside($this->journal->beside($batch, $other));
    }

    /**
     * Trials of one sauce in one table: those that are named, or the latest.
     *
     * @return array<string, mixed>
     */
    public function trials(StoredRecipe $recipe, Request $request): array
    {
        $today = Carbon::today()->toDateString();
        $asked = array_filter(explode(',', is_string($request->query('batches')) ? $request->query('batches') : ''));
        $all = $recipe->batches()->without('readings')->with('tastings')->limit(self::TRIALS)->get();
        $chosen = $all->filter(static fn (Batch $batch): bool => $asked === [] || in_array($batch->id, $asked, true))->take(Trials::MOST)->sortBy(['made_on', 'number'])->values();
        if ($chosen->isEmpty()) {
            throw new RequestRefused(404, 'not-found', 'This sauce was not made yet.');
        }

        return ['name' => $recipe->name] + $this->view->trials(
            $this->journal->trials($chosen),
            array_values($chosen->map(static fn (Batch $batch): array => ['id' => $batch->id, 'number' => $batch->number ?? 0, 'made_on' => $batch->made_on->toDateString()])->all()),
            $today,
        ) + ['others' => array_values($all->diff($chosen)->map(fn (Batch $batch): array => ['id' => $batch->id, 'number' => $batch->number ?? 0, 'made_text' => $this->view->short($batch->made_on->toDateString(), $today)])->all())];
    }

    /** A batch from a file of the open format. */
    public function bringIn(NoteRequest $request, Schemas $schemas): JsonResponse
    {
        if (! str_starts_with(ltrim($request->note()), '{')) {
            throw InvalidRecipe::at('text', 'This is no batch of ours. Choose a file that “As a file” in the Log saved.');
        }

        return (new LoggedBatch($this->journal->bringIn($schemas->check('batch-document', $request->note()))))->response()->setStatusCode(201);
    }

    public function again(Batch $batch): JsonResponse
    {
        return (new RecipeResource($this->journal->again($batch)))->response()->setStatusCode(201);
    }

    /**
     * @return array<string, mixed>
     */
    public function document(Batch $batch): array
    {
        return ['file' => "batch-{$batch->number}.json", 'type' => 'application/json', 'text' => json_encode($this->journal->document($batch), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION)];
    }

    /**
     * @return array<string, mixed>
     */
    public function csv(): array
    {
        $rows = [['number', 'name', 'made on', 'liking', 'tastings', 'jars left', 'jars']];
        foreach (Batch::query()->found('')->with(['tastings', 'jars'])->without('readings')->lazy() as $batch) {
            $rows[] = [(string) $batch->number, $batch->document['name'], $batch->made_on->toDateString(), $batch->liking() === null ? '' : (string) round($batch->liking(), 2), (string) $batch->tastings->count(), (string) $batch->jars->whereNull('gone_on')->count(), (string) $batch->jars->count()];
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
            'said_text' => $liking !== null ? 'liked '.LogView::liking($liking).' of 9' : ($last === null ? '' : $this->view->inAWord($last->said()->feels)),
            'jars_text' => $batch->jars->isEmpty() ? '' : ($left === 0 ? 'gone' : ($left === 1 ? '1 jar' : "{$left} jars")),
        ];
    }
}
