<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\BatchDocument;
use App\Documents\Schemas;
use App\Models\Batch;
use App\Models\OwnStyle;
use App\Models\StoredRecipe;
use App\Recipes\Evaluator;
use App\Recipes\Styles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;

/**
 * What kinds of sauce should be like: the styles that ship, and the household's own.
 *
 * @phpstan-import-type StyleArray from RecipeDocument
 */
final readonly class StyleController
{
    public function __construct(private Styles $styles, private Schemas $schemas) {}

    /**
     * @return array<string, mixed>
     */
    public function index(): array
    {
        return ['styles' => $this->styles->all(), 'own' => $this->styles->ownSlugs()];
    }

    public function store(Request $request): JsonResponse
    {
        return new JsonResponse($this->styles->keep($this->style($request))->document, 201);
    }

    /**
     * @return array<string, mixed>
     */
    public function update(OwnStyle $style, Request $request): array
    {
        return $this->styles->change($style, $this->style($request))->document;
    }

    /** Recipes that name it keep the name, and are told that there is no such style. */
    public function destroy(OwnStyle $style): Response
    {
        $this->styles->forget($style);

        return new Response('', 204);
    }

    public function ofRecipe(StoredRecipe $recipe, Request $request, Evaluator $evaluator): JsonResponse
    {
        $evaluation = $evaluator->evaluate(RecipeDocument::read($recipe->document));
        if ($evaluation->cooked->rows === []) {
            throw InvalidRecipe::at('recipe', 'There is nothing in that pot yet, so there is nothing to be like.');
        }
        $tastes = [];
        foreach (Measure::cases() as $measure) {
            $tastes[$measure->value] = $evaluation->tasting->value($measure);
        }
        $estimates = $evaluation->estimates;

        return new JsonResponse($this->styles->keep(Style::like('captured', $this->name($request), $tastes, $estimates->ph()?->value, $estimates->brix()?->value, $estimates->thickness()?->value, "captured from the recipe {$recipe->name}"))->document, 201);
    }

    public function ofBatch(Batch $batch, Request $request): JsonResponse
    {
        [$tastes, $ph, $brix] = BatchDocument::tastes($batch);

        return new JsonResponse($this->styles->keep(Style::like('captured', $this->name($request), $tastes, $ph, $brix, null, "captured from the batch of {$batch->made_on->toDateString()}, as it was measured"))->document, 201);
    }

    private function name(Request $request): string
    {
        /** @var array{name: string} $body */
        $body = $this->schemas->check('style-name-input', (string) $request->getContent());

        return $body['name'];
    }

    /** @return StyleArray */
    private function style(Request $request): array
    {
        /** @var array{style: StyleArray} $body */
        $body = $this->schemas->check('style-input', (string) $request->getContent());

        return $body['style'];
    }
}
