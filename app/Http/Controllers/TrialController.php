<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BlindRequest;
use App\Http\Requests\NextTryRequest;
use App\Http\Resources\LoggedBatch;
use App\Http\Resources\RecipeResource;
use App\Models\Batch;
use App\Models\StoredRecipe;
use App\Recipes\Journal;
use App\Recipes\TrialBooks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Vinculum\Figure\Csv;
use Vinculum\Taste\Measure;
use Vinculum\Words\LogView;
use Vinculum\Words\TrialsTellView;
use Vinculum\Words\TrialsView;

/** The tries of one sauce, what is worth trying next, and the two cups worth tasting. */
final readonly class TrialController
{
    /** What cups are called, so that nobody knows which is which. */
    private const CUPS = ['Heron', 'Otter', 'Birch', 'Pebble', 'Lantern', 'Kettle', 'Reed', 'Sail'];

    /** Ways in which the tries may stand. */
    private const SORTS = ['made' => 'as they were made', 'liking' => 'best liked first', 'year' => 'by year'];

    public function __construct(private Journal $journal, private LogView $view, private TrialBooks $books) {}

    /**
     * The book of a sauce: every try of every recipe of its family, or those that are asked for.
     *
     * @return array<string, mixed>
     */
    public function index(StoredRecipe $recipe, Request $request, TrialsView $view, TrialsTellView $tell): array
    {
        $asked = self::said($request, 'batches');
        $taster = $request->query('taster');
        $taster = is_string($taster) ? trim($taster) : null;
        $of = $this->books->of($recipe, $asked === '' ? [] : explode(',', $asked), $taster);
        $sorts = self::SORTS + array_combine(
            array_column(Measure::cases(), 'value'),
            array_map(static fn (Measure $measure): string => "least {$measure->value} first", Measure::cases()),
        );
        $sort = isset($sorts[self::said($request, 'sort')]) ? self::said($request, 'sort') : 'made';
        $rows = $this->books->rows($of);
        $shown = TrialBooks::found(TrialBooks::sorted($rows, $sort), self::said($request, 'find'));
        $family = $recipe->withFamily()->get(['id', 'name']);

        return [
            'name' => $family->first()->name ?? $recipe->name,
            'family_text' => $view->booked(
                count($rows),
                $rows[0]['made_on'],
                Carbon::today()->toDateString(),
                count($of['tasters']),
            ),
            'recipes' => $family
                ->map(static fn (StoredRecipe $each): array => ['id' => $each->id, 'name' => $each->name])
                ->values()
                ->all(),
            'tasters' => array_map(
                static fn (string $who, string $name): array => ['who' => $who, 'name' => $name],
                array_map(strval(...), array_keys($of['tasters'])),
                array_values($of['tasters']),
            ),
            'taster' => $taster,
            'sort' => $sort,
            'sorts' => array_map(
                static fn (string $value, string $label): array => ['value' => $value, 'label' => $label],
                array_keys($sorts),
                array_values($sorts),
            ),
            'trials' => $shown,
            'best_text' => $tell->best($of['book']),
            'effects' => $tell->effects($of['book']),
            'ticks' => array_values(array_unique(array_merge(...array_column($rows, 'different')))),
            'hidden_text' => $view->hidden($of['more'], count($rows) - count($shown), $of['broken']),
        ];
    }

    /** @return array<string, string> */
    public function csv(StoredRecipe $recipe): array
    {
        return [
            'file' => 'tries.csv',
            'type' => 'text/csv',
            'text' => Csv::of($this->books->table($this->books->of($recipe))),
        ];
    }

    /** @return array<string, mixed> */
    public function worth(StoredRecipe $recipe): array
    {
        return ['tries' => array_map(
            static fn (array $try): array => ['feels' => (object) $try['feels']] + $try,
            $this->books->next($recipe),
        )];
    }

    public function setUp(Batch $batch, NextTryRequest $request): JsonResponse
    {
        return (new RecipeResource($this->books->setUp($batch, $request->change())))->response()->setStatusCode(201);
    }

    private static function said(Request $request, string $field): string
    {
        $said = $request->query($field);

        return is_string($said) ? trim($said) : '';
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
