<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\RequestRefused;
use App\Http\Requests\RecipeRequest;
use App\Http\Resources\RecipeCardResource;
use App\Http\Resources\RecipeResource;
use App\Models\StoredRecipe;
use App\Pantry\Household;
use App\Recipes\Evaluator;
use App\Recipes\Families;
use App\Recipes\ShelfCards;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * The recipes that are kept.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 */
final readonly class RecipeController
{
    /** Cards that are worked out anew before a search. */
    private const RENEWED = 10;

    public function __construct(private Household $household) {}

    /**
     * @return array<string, mixed>
     */
    public function index(Request $request, ShelfCards $cards): array
    {
        $typed = $request->string('q')->trim()->value();
        if ($typed !== '') {
            // what was saved since is found by what is not in it as well
            $cards->renew(self::RENEWED);
        }
        $found = StoredRecipe::query()->onTheShelf($typed);
        $page = max(0, $request->integer('page'));
        $most = min(StoredRecipe::PAGE, max(1, $request->integer('most', StoredRecipe::PAGE)));
        $byFamily = $request->query('by') === 'family';
        // of a family the one that was touched last stands for it: a card each. Of those a word finds that may be
        // another than of all
        $isGrouped = $byFamily && $typed !== '';
        $rows = $isGrouped ? $found->toBase()->groupByRaw(StoredRecipe::FAMILY) : $found->toBase();
        $rows = $byFamily && ! $isGrouped ? $rows->where('face', true) : $rows;
        // the documents, which are long, stay where they are: a card is all that is shown
        $rowsShown = (clone $rows)
            ->reorder()
            ->selectRaw($isGrouped ? 'id, max(updated_at) touched, count(*) over () of' : 'id, updated_at touched')
            ->orderByDesc($isGrouped ? 'touched' : 'updated_at')
            ->offset($page * $most)
            ->limit($most)
            ->get();
        $ids = $rowsShown->pluck('id')->all();
        $count = match (true) {
            ! $isGrouped => (clone $rows)->reorder()->count(),
            $rowsShown->isNotEmpty() => (int) $rowsShown->pluck('of')->first(),
            $page === 0 => 0,
            default => (clone $rows)->reorder()->selectRaw('1')->getCountForPagination(),
        };
        $places = array_flip($ids);
        $shown = StoredRecipe::withTrashed()
            ->select(StoredRecipe::ON_A_CARD)
            ->with('parent:id,name')
            ->whereKey($ids)
            ->get()
            ->sortBy(static fn (StoredRecipe $recipe): int => $places[$recipe->id]);
        $families = Families::counts(
            array_values($shown->map(static fn (StoredRecipe $recipe): string => $recipe->familyKey())->all()),
        );

        return [
            'recipes' => $shown
                ->map(
                    static fn (StoredRecipe $recipe): RecipeCardResource => new RecipeCardResource(
                        $recipe,
                        $cards->of($recipe),
                        $families[$recipe->familyKey()] ?? ['tries' => 0, 'recipes' => 1],
                    ),
                )
                ->values(),
            'count' => $count,
            'has_more' => ($page + 1) * $most < $count,
        ];
    }

    public function store(RecipeRequest $request, Evaluator $evaluator): RecipeResource
    {
        // others that were begun a day ago, and never named nor filled
        StoredRecipe::query()
            ->blank()
            ->where('updated_at', '<', Carbon::now()->subDay())
            ->doesntHave('batches')
            ->doesntHave('cooks')
            ->forceDelete();
        // what would not evaluate is not kept
        $evaluator->evaluate($request->recipe());

        return new RecipeResource(
            StoredRecipe::keep($this->household->embed($request->document()), $request->variantOf()),
        );
    }

    /** A sauce with one thing wrong, to be put right on the Bench: the way in. */
    public function wayIn(): RecipeResource
    {
        /** @var RecipeArray $document */
        $document = json_decode(
            (string) file_get_contents(resource_path('way-in.json')),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );

        return new RecipeResource(StoredRecipe::keep($document));
    }

    public function show(StoredRecipe $recipe, Evaluator $evaluator): RecipeResource
    {
        $evaluator->stored($recipe);

        return new RecipeResource($recipe);
    }

    /** As it is kept, whatever is wrong with it. */
    public function text(StoredRecipe $recipe): Response
    {
        return new Response((string) $recipe->getRawOriginal('document'), 200, [
            'Content-Type' => 'text/plain; charset=utf-8',
        ]);
    }

    public function update(RecipeRequest $request, StoredRecipe $recipe, Evaluator $evaluator): RecipeResource
    {
        $seen = $request->revision();
        $evaluator->evaluate($request->recipe());
        $document = $this->household->embed($request->document());
        if (! $recipe->replace($document, $seen)) {
            throw new RequestRefused(
                409,
                'saved-in-between',
                'This recipe was saved from somewhere else since you opened it.',
                beside: [
                    'yours' => $document,
                    'theirs' => new RecipeResource($recipe),
                ],
            );
        }

        return new RecipeResource($recipe);
    }

    public function destroy(StoredRecipe $recipe): Response
    {
        $recipe->delete();

        return new Response('', 204);
    }

    public function restore(StoredRecipe $recipe): RecipeResource
    {
        $recipe->restore();

        return new RecipeResource($recipe);
    }

    public function duplicate(StoredRecipe $recipe, Evaluator $evaluator): RecipeResource
    {
        $evaluator->stored($recipe);

        return new RecipeResource($recipe->copy());
    }
}
