<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\RequestRefused;
use App\Http\Requests\OwnIngredientRequest;
use App\Models\OwnIngredientRecord;
use App\Models\StoredRecipe;
use App\Pantry\Household;
use App\Pantry\PantryShelf;
use App\Recipes\Evaluator;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\OwnIngredient;
use Vinculum\Safety\OwnSauce;
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

    public function __construct(
        private Household $household,
        private Evaluator $evaluator,
        private PantryShelf $shelf,
    ) {}

    public function store(OwnIngredientRequest $request): JsonResponse
    {
        return $this->keep($request->definition());
    }

    public function fromRecipe(StoredRecipe $recipe): JsonResponse
    {
        $evaluation = $this->evaluator->stored($recipe);

        return $this->keep(OwnSauce::definition($recipe->name, $evaluation));
    }

    /**
     * What a definition would come to, and which recipes it would move; nothing is kept.
     *
     * @return array<string, mixed>
     */
    public function preview(OwnIngredientRequest $request): array
    {
        $definition = $request->definition();
        $slug = $request->query('slug');
        $slug = is_string($slug) && $this->household->definition($slug) !== null ? $slug : 'my-new-one';
        $catalogue = $this->household->trying($slug, $definition);

        return ['page' => $this->page($slug, $catalogue, $definition), 'moves' => $this->moves($slug, $catalogue)];
    }

    /**
     * @return array<string, mixed>
     */
    public function update(OwnIngredientRecord $own, OwnIngredientRequest $request): array
    {
        $definition = $request->definition();
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

        return $this->page($own->slug, $this->household->catalogue($own->slug), $own->definition);
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
        $slug = OwnIngredientRecord::freshSlug($definition['name'], $this->household->shipped());
        $catalogue = $this->household->trying($slug, $definition);
        OwnIngredientRecord::query()->create(['slug' => $slug, 'definition' => $definition]);
        $this->household->forget();

        return new JsonResponse($this->page($slug, $catalogue, $definition), 201);
    }

    /**
     * @param Definition $definition
     * @return array<string, mixed>
     */
    private function page(string $slug, Catalogue $catalogue, array $definition): array
    {
        $ingredient = $catalogue->find($slug) ?? throw new \LogicException("{$slug} was not made.");

        return $this->shelf->page($ingredient, $definition);
    }

    /**
     * @return list<array{id: string, name: string, text: string}>
     */
    private function moves(string $slug, Catalogue $changed): array
    {
        $moves = [];
        $speech = $this->household->preferences()->speech();
        foreach (StoredRecipe::query()->using($slug)->get() as $stored) {
            try {
                $before = $this->evaluator->stored($stored);
            } catch (RequestRefused) {
                // a broken one says so on its card; nothing is known of how it would move
                continue;
            }
            $after = Evaluation::of($before->recipe, $changed, $before->style);
            $words = [];
            foreach (Measure::cases() as $measure) {
                $steps = $measure->steps($before->tasting->value($measure), $after->tasting->value($measure));
                if (abs($steps) >= self::MOVED_STEPS) {
                    $words[] = sprintf(
                        '%s %s %s',
                        mb_strtolower($speech->label($measure)),
                        $speech->steps($steps),
                        $steps > 0 ? 'up' : 'down',
                    );
                }
            }
            $moves[] = [
                'id' => $stored->id,
                'name' => $stored->name,
                'text' => $words === [] ? 'by less than a tongue can tell' : implode(', ', $words),
            ];
        }

        return $moves;
    }
}
