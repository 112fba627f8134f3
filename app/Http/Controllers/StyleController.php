<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\RequestRefused;
use App\Http\Requests\StyleNameRequest;
use App\Http\Requests\StyleRequest;
use App\Models\Batch;
use App\Models\OwnStyle;
use App\Models\StoredRecipe;
use App\Recipes\Evaluator;
use App\Recipes\Journal;
use App\Recipes\Styles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Taste\Style;
use Vinculum\Words\StyleMap;

/**
 * What kinds of sauce should be like: the styles that ship, and the household's own.
 *
 * @phpstan-import-type StyleArray from RecipeDocument
 */
final readonly class StyleController
{
    /** Sauces of the house that are shown among the kinds. */
    private const SAUCES = 40;

    public function __construct(private Styles $styles) {}

    /**
     * @return array<string, mixed>
     */
    public function index(): array
    {
        return $this->styles->listed();
    }

    /**
     * Where each kind lies, with the sauces that were last touched among them.
     *
     * @return array<string, mixed>
     */
    public function map(Evaluator $evaluator, StyleMap $map): array
    {
        $made = [];
        foreach (StoredRecipe::query()->orderByDesc('updated_at')->limit(self::SAUCES)->get() as $recipe) {
            try {
                $made[$recipe->id] = $evaluator->stored($recipe);
            } catch (RequestRefused) {
                // a broken one says so on its card, and lies nowhere
                continue;
            }
        }

        return ['planes' => $map->of(array_map(Style::of(...), $this->styles->all()), $made)];
    }

    public function store(StyleRequest $request): JsonResponse
    {
        return new JsonResponse($this->styles->keep($request->style())->document, 201);
    }

    /**
     * @return array<string, mixed>
     */
    public function update(OwnStyle $style, StyleRequest $request): array
    {
        return $this->styles->change($style, $request->style())->document;
    }

    /** Recipes that name it keep the name, and are told that there is no such style. */
    public function destroy(OwnStyle $style): Response
    {
        $this->styles->forget($style);

        return new Response('', 204);
    }

    public function ofRecipe(StoredRecipe $recipe, StyleNameRequest $request, Evaluator $evaluator): JsonResponse
    {
        $evaluation = $evaluator->stored($recipe);
        if ($evaluation->cooked->mixture->mass() <= 0.0) {
            throw InvalidRecipe::at('recipe', 'There is nothing in that pot yet, so there is nothing to be like.');
        }
        $estimates = $evaluation->estimates;

        return $this->kept(
            Style::like(
                'captured',
                $request->styleName(),
                $evaluation->tasting->values(),
                $estimates->ph()?->value,
                $estimates->brix()?->value,
                $estimates->thickness()?->value,
                "captured from the recipe {$recipe->name}",
            ),
        );
    }

    public function ofBatch(Batch $batch, StyleNameRequest $request): JsonResponse
    {
        $made = $batch->made();

        return $this->kept(
            Style::like(
                'captured',
                $request->styleName(),
                $made->tastes(),
                $made->now('ph')?->value,
                $made->now('brix')?->value,
                null,
                "captured from the batch of {$batch->made_on->toDateString()}, as it was measured",
            ),
        );
    }

    /** The kind of a batch as this household seems to like it: moved by what is known, and by nothing else. */
    public function ofLikes(Batch $batch, StyleNameRequest $request, Journal $journal): JsonResponse
    {
        $slug = is_string($batch->document['style'] ?? null) ? $batch->document['style'] : null;
        $style = $this->styles->of($slug);
        $steps = $journal->known($slug);
        if ($style === null || $steps === []) {
            throw new RequestRefused(
                409,
                'nothing-known',
                'Nothing is known yet of how you like this kind otherwise than usual. Taste a few more, and say '
                    .'what the spoon says.',
            );
        }

        return $this->kept(
            $style->movedTo(
                'captured',
                $request->styleName(),
                $steps,
                "{$style->name}, as this household likes it; by its own tastings",
            ),
        );
    }

    /** @param StyleArray $style */
    private function kept(array $style): JsonResponse
    {
        return new JsonResponse($this->styles->keep($style)->document, 201);
    }
}
