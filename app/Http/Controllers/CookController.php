<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CookRequest;
use App\Http\Resources\CookShown;
use App\Models\CookRecord;
use App\Recipes\Stove;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Vinculum\Words\CookView;
use Vinculum\Words\StoveView;

/** What is on the stove: every answer is the cook as it stands. */
final readonly class CookController
{
    public function __construct(private Stove $stove, private CookShown $shown) {}

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
                $shown[] = $this->shown->of($record);
            } catch (\PDOException $why) {
                throw $why;
            } catch (\Throwable $why) {
                // one pot that cannot be read takes no other down; what is wrong with it is in the log
                report($why);
            }
        }

        return StoveView::of($shown, Stove::now());
    }

    public function store(CookRequest $request): JsonResponse
    {
        return new JsonResponse(
            $this->shown->of($this->stove->begin($request->asked(), $request->isPractice())),
            201,
        );
    }

    /**
     * @return array<string, mixed>
     */
    public function show(CookRecord $cook): array
    {
        return $this->shown->of($cook);
    }

    /**
     * @return array<string, mixed>
     */
    public function finish(CookRecord $cook, CookView $view): array
    {
        $batch = $this->stove->finish($cook);
        $made = $this->stove->cook($cook);

        return [
            'batch' => $batch?->id,
            'recipe' => $cook->recipe_id,
            'near' => $view->near($made->planned, ($this->stove->really($cook) ?? $made)->done),
        ];
    }

    /** Taken off, and nothing kept of it. */
    public function destroy(CookRecord $cook): Response
    {
        $cook->delete();

        return new Response('', 204);
    }
}
