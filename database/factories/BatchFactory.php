<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Batch;
use App\Models\StoredRecipe;
use App\Recipes\Evaluator;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Carbon;
use Vinculum\Log\MadeBatch;
use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * A batch of a recipe, made today, its figures frozen with it.
 *
 * @extends Factory<Batch>
 */
final class BatchFactory extends Factory
{
    protected $model = Batch::class;

    public function definition(): array
    {
        return [
            'recipe_id' => StoredRecipe::factory(),
            'made_on' => Carbon::today(),
            'document' => static fn (array $of): array => StoredRecipe::query()->findOrFail($of['recipe_id'])->document,
            'frozen' => static fn (array $of): array => MadeBatch::freeze(
                app(Evaluator::class)->evaluate(RecipeDocument::read($of['document'])),
            ),
        ];
    }
}
