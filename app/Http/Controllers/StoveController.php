<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CookEventRequest;
use App\Http\Requests\CookRequest;
use App\Http\Requests\DeliveredReadingRequest;
use App\Http\Requests\FeelsRequest;
use App\Models\CookRecord;
use App\Models\StoredRecipe;
use App\Recipes\Stove;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Vinculum\Words\CookTasteView;
use Vinculum\Words\CookView;
use Vinculum\Words\Speech;
use Vinculum\Words\StoveView;

/** What is on the stove: everything that happens is written down as it happens, and every answer is the cook as it stands. */
final readonly class StoveController
{
    public function __construct(private Stove $stove, private CookView $view, private Speech $speech) {}

    /**
     * All that is on, for whoever looks: a phone asks again every second or two, which holds no connection open.
     *
     * @return array<string, mixed>
     */
    public function index(): array
    {
        $shown = [];
        foreach (CookRecord::query()->onTheStove()->get() as $record) {
            try {
                $shown[] = $this->shown($record);
            } catch (\PDOException $why) {
                throw $why;
            } catch (\Throwable $why) {
                // one pot that cannot be read takes no other down; what is wrong with it is in the log
                report($why);
            }
        }

        return StoveView::of($shown, Stove::now());
    }

    public function begin(CookRequest $request): JsonResponse
    {
        $recipe = StoredRecipe::query()->findOrFail($request->recipeId());

        return new JsonResponse($this->shown($this->stove->begin($recipe, $request->to(), $request->isPractice())), 201);
    }

    /**
     * @return array<string, mixed>
     */
    public function show(CookRecord $cook): array
    {
        return $this->shown($cook);
    }

    /**
     * @return array<string, mixed>
     */
    public function happened(CookRecord $cook, CookEventRequest $request): array
    {
        $this->stove->happened($cook, $request->kind(), $request->said(), $request->key());

        return $this->shown($cook);
    }

    /**
     * @return array<string, mixed>
     */
    public function deliver(CookRecord $cook, DeliveredReadingRequest $request): array
    {
        $this->stove->happened($cook, 'reading', $request->reading(), $request->key(), $request->readAt());

        return $this->shown($cook);
    }

    /**
     * @return array<string, mixed>
     */
    public function measure(CookRecord $cook, string $what): array
    {
        $this->stove->measure($cook, $what);

        return $this->shown($cook);
    }

    /**
     * @return array<string, mixed>
     */
    public function taste(CookRecord $cook, FeelsRequest $request, CookTasteView $view): array
    {
        $this->stove->happened($cook, 'felt', ['feels' => $request->feels()], null);

        return $view->of($this->stove->taste($this->stove->cook($cook), $request->feels()));
    }

    /**
     * @return array<string, mixed>
     */
    public function tongue(CookRecord $cook): array
    {
        $said = $this->stove->tongue($cook);

        return ['words' => $this->speech->say($said['words']), 'feels' => (object) $said['feels']];
    }

    /**
     * @return array<string, mixed>
     */
    public function finish(CookRecord $cook): array
    {
        $batch = $this->stove->finish($cook);
        $made = $this->stove->cook($cook);

        return ['batch' => $batch?->id, 'recipe' => $cook->recipe_id, 'near' => $this->view->near($made->planned, ($this->stove->really($cook) ?? $made)->done)];
    }

    /** Taken off, and nothing kept of it. */
    public function takeOff(CookRecord $cook): Response
    {
        $cook->delete();

        return new Response('', 204);
    }

    /**
     * @return array<string, mixed>
     */
    private function shown(CookRecord $record): array
    {
        return [
            'id' => $record->id,
            'recipe' => $record->recipe_id,
            'name' => $record->document['name'],
            'is_practice' => $record->seed !== null,
            'is_finished' => $record->finished_at !== null,
            'batch' => $record->batch_id,
            'speed' => $record->speed,
            'revision' => $record->events->last()->id ?? 0,
            'now' => round(Stove::now(), 2),
        ] + $this->view->of($this->stove->cook($record), Stove::now());
    }
}
