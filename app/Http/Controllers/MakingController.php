<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MakingRequest;
use App\Http\Resources\MakingShown;
use App\Models\CookRecord;
use App\Models\MakingRecord;
use App\Models\StoredRecipe;
use App\Recipes\Makings;
use App\Recipes\When;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Vinculum\Batch\Making;

/** Makings: how much of a recipe, for when, and how it ends, said once. */
final readonly class MakingController
{
    private const SHOWN = 50;

    public function __construct(private MakingShown $shown, private When $when) {}

    /** @return array<string, mixed> */
    public function index(): array
    {
        $makings = [];
        foreach (MakingRecord::query()->toBeMade(self::SHOWN)->get() as $making) {
            $makings[] = $this->shown->of($making);
        }

        return ['makings' => $makings];
    }

    public function store(MakingRequest $request): JsonResponse
    {
        $kept = $request->kept($this->when);
        $making = new MakingRecord($kept);
        $making->recipe()->associate($request->asked()->stored);
        $making->save();

        return new JsonResponse($this->shown->of($making), 201);
    }

    /** @return array<string, mixed> */
    public function show(MakingRecord $making): array
    {
        return $this->shown->of($making);
    }

    /** @return array<string, mixed> */
    public function update(MakingRecord $making, MakingRequest $request): array
    {
        $kept = $request->kept($this->when);
        $making->fill($kept);
        $making->recipe()->associate($request->asked()->stored);
        $making->save();

        return $this->shown->of($making->refresh());
    }

    public function destroy(MakingRecord $making): Response
    {
        $making->delete();

        return new Response('', 204);
    }

    /**
     * Where a making of a recipe begins: as it is written, and as it was made last where that was another amount.
     *
     * @return array<string, mixed>
     */
    public function start(StoredRecipe $recipe): array
    {
        $last = $recipe->batches()->whereNotNull('making')->first();
        $kept = $last === null ? null : Makings::kept(Makings::fromKept($last->making));

        return [
            'headspace_percent' => Making::HEADSPACE,
            'last' => $last === null || $kept === null || $kept['to'] === '' ? null : $kept + [
                'number' => $last->number ?? 0,
                'text' => "as no. {$last->number}: {$kept['to']}",
            ],
        ];
    }

    /** What was learned of this household's hands is forgotten. */
    public function forget(): Response
    {
        CookRecord::query()->whereNotNull('paces')->update(['paces' => null]);

        return new Response('', 204);
    }
}
