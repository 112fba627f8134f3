<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\PantryDocument;
use App\Documents\Schemas;
use App\Documents\Wording;
use App\Models\OnHand;
use App\Models\OwnIngredientRecord;
use App\Models\StoredRecipe;
use App\Pantry\Household;
use App\Recipes\Evaluator;
use App\Recipes\Styles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\OwnIngredient;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Taste\Measure;

/**
 * Ingredients of the household's own: from a label, by correcting a copy, or from a recipe.
 *
 * @phpstan-import-type Definition from OwnIngredient
 */
final readonly class OwnIngredientController
{
    /** A recipe whose tastes move less than this many steps has not moved. */
    private const MOVED_STEPS = 0.3;

    public function __construct(private Household $household, private Schemas $schemas, private Styles $styles) {}

    public function store(Request $request): JsonResponse
    {
        return $this->keep($this->definition($request));
    }

    public function fromRecipe(StoredRecipe $recipe, Evaluator $evaluator): JsonResponse
    {
        $evaluation = $evaluator->evaluate(RecipeDocument::read($recipe->document));

        return $this->keep(OwnIngredient::ofMixture($recipe->name, $evaluation->cooked->mixture));
    }

    /**
     * What a definition would come to, and which recipes it would move; nothing is kept.
     *
     * @return array<string, mixed>
     */
    public function preview(Request $request): array
    {
        $definition = $this->definition($request);
        $slug = $request->query('slug');
        $slug = is_string($slug) && $this->household->definition($slug) !== null ? $slug : 'my-new-one';
        $catalogue = $this->household->trying($slug, $definition);

        return ['page' => $this->page($slug, $catalogue, $definition), 'moves' => $this->moves($slug, $catalogue)];
    }

    /**
     * @return array<string, mixed>
     */
    public function update(OwnIngredientRecord $own, Request $request): array
    {
        $definition = $this->definition($request);
        $catalogue = $this->household->trying($own->slug, $definition);
        $own->update(['definition' => $definition]);
        $this->household->forget();

        return $this->page($own->slug, $catalogue, $definition);
    }

    /**
     * Puts it in the place of what it is most like, wherever that stands in the recipe.
     *
     * @return array<string, mixed>
     */
    public function insteadIn(OwnIngredientRecord $own, StoredRecipe $recipe): array
    {
        $document = $recipe->document;
        foreach ($document['stages'] as $s => $stage) {
            foreach ($stage['lines'] ?? [] as $l => $line) {
                if ($line['ingredient'] === ($own->definition['like'] ?? null)) {
                    $document['stages'][$s]['lines'][$l]['ingredient'] = $own->slug;
                }
            }
        }
        $recipe->replace($this->household->embed($document), $recipe->revision);

        return $this->page($own->slug, $this->household->catalogue(), $own->definition);
    }

    /** Recipes that use it keep the definition they were saved with. */
    public function destroy(OwnIngredientRecord $own): Response
    {
        $own->delete();
        $this->household->forget();

        return new Response('', 204);
    }

    /**
     * @param Definition $definition
     */
    private function keep(array $definition): JsonResponse
    {
        $slug = OwnIngredientRecord::freshSlug($definition['name'], $this->household->catalogue());
        $catalogue = $this->household->trying($slug, $definition);
        OwnIngredientRecord::query()->create(['slug' => $slug, 'definition' => $definition]);
        $this->household->forget();

        return new JsonResponse($this->page($slug, $catalogue, $definition), 201);
    }

    /**
     * @return Definition
     */
    private function definition(Request $request): array
    {
        /** @var Definition $definition */
        $definition = $this->schemas->check('own-ingredient', (string) $request->getContent());

        return $definition;
    }

    /**
     * @param Definition $definition
     * @return array<string, mixed>
     */
    private function page(string $slug, Catalogue $catalogue, array $definition): array
    {
        $ingredient = $catalogue->find($slug) ?? throw new \LogicException("{$slug} was not made.");

        return PantryDocument::page($ingredient, StoredRecipe::onTheShelf(''), OnHand::query()->find($slug), $definition);
    }

    /**
     * @return list<array{id: string, name: string, text: string}>
     */
    private function moves(string $slug, Catalogue $changed): array
    {
        $moves = [];
        foreach (StoredRecipe::onTheShelf('') as $stored) {
            $recipe = RecipeDocument::read($stored->document);
            if (! in_array($slug, array_map(static fn ($line): string => $line->ingredient, $recipe->lines()), true)) {
                continue;
            }
            $style = $this->styles->of($recipe->style);
            $before = Evaluation::of($recipe, $this->household->catalogueFor($recipe), $style);
            $after = Evaluation::of($recipe, $changed, $style);
            $words = [];
            foreach (Measure::cases() as $measure) {
                $steps = $measure->steps($before->tasting->value($measure), $after->tasting->value($measure));
                if (abs($steps) >= self::MOVED_STEPS) {
                    $words[] = sprintf('%s %.1f steps %s', mb_strtolower(Wording::label($measure)), abs($steps), $steps > 0 ? 'up' : 'down');
                }
            }
            $moves[] = ['id' => $stored->id, 'name' => $stored->name, 'text' => $words === [] ? 'by less than a tongue can tell' : implode(', ', $words)];
        }

        return $moves;
    }
}
