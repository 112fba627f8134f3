<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\StoredRecipe;
use App\Recipes\Evaluator;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Vinculum\Recipe\RecipeDocument;

/** The autumn sauces of a made-up canal-side supper club. Every recipe is our own invention. */
final class DemoSeeder extends Seeder
{
    /** Oldest first, so that the Shelf opens on the ketchup. */
    private const RECIPES = [
        'boathouse-white-sauce', 'cranberry-mustard', 'miso-carrot-dressing', 'pineapple-habanero', 'lock-keeper-steak-sauce', 'gooseberry-ketchup',
    ];

    public function run(Evaluator $evaluator): void
    {
        $touched = Carbon::now()->subHours(count(self::RECIPES));
        foreach (self::RECIPES as $name) {
            $recipe = $evaluator->read((string) file_get_contents(database_path("demo/{$name}.json")));
            Carbon::setTestNow($touched = $touched->copy()->addHour());
            StoredRecipe::keep(RecipeDocument::write($recipe));
        }
        Carbon::setTestNow();
    }
}
