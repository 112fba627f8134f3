<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\RequestRefused;
use App\Http\Resources\RecipeResource;
use App\Models\RecipeVersion;
use App\Models\StoredRecipe;
use App\Recipes\Evaluator;
use Illuminate\Support\Facades\DB;
use Vinculum\Log\Beside;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Words\LogView;

/** A recipe as it stood: looked at beside how it stands, and brought back. */
final class VersionController
{
    /**
     * @return array<string, mixed>
     */
    public function index(StoredRecipe $recipe): array
    {
        return [
            'versions' => $recipe
                ->versions()
                ->get()
                ->map(
                    static fn (RecipeVersion $version): array => [
                        'id' => $version->id,
                        'at' => $version->created_at->toIso8601ZuluString(),
                        'made_as' => $version->made_as,
                        'name' => $version->document['name'],
                    ],
                )
                ->values()
                ->all(),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public function beside(StoredRecipe $recipe, int $version, Evaluator $evaluator, LogView $view): array
    {
        $was = $recipe->versions()->findOrFail($version);

        return ['number' => $was->id, 'name' => $was->document['name']]
            + $view->beside(
                Beside::of($evaluator->evaluate(RecipeDocument::read($was->document)), $evaluator->stored($recipe)),
            );
    }

    public function bringBack(StoredRecipe $recipe, int $version): RecipeResource
    {
        return DB::transaction(static function () use ($recipe, $version): RecipeResource {
            $was = $recipe->versions()->findOrFail($version);
            // how it stands now is kept as well, so that this can be taken back
            $recipe->keepVersion();
            if (! $recipe->replace($was->document, $recipe->revision)) {
                throw new RequestRefused(
                    409,
                    'saved-in-between',
                    'This recipe was saved from somewhere else at this moment. Try again.',
                );
            }

            return new RecipeResource($recipe);
        });
    }
}
