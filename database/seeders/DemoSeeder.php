<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\EquipmentRecord;
use App\Models\OnHand;
use App\Models\StoredRecipe;
use App\Recipes\Evaluator;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Vinculum\Recipe\Formats\RecipeDocument;

/** The autumn sauces of a made-up canal-side supper club. Every recipe and price is our own invention. */
final class DemoSeeder extends Seeder
{
    /** Oldest first, so that the Shelf opens on the ketchup. */
    private const RECIPES = [
        'boathouse-white-sauce',
        'cranberry-mustard',
        'miso-carrot-dressing',
        'pineapple-habanero',
        'lock-keeper-steak-sauce',
        'gooseberry-ketchup',
    ];

    private const KIT = [
        ['name' => 'preserving pan', 'kind' => 'pan', 'ml' => 6000, 'count' => 1, 'width_cm' => 28],
        ['name' => 'saucepan', 'kind' => 'pan', 'ml' => 3000, 'count' => 1, 'width_cm' => 20],
        ['name' => 'bottle', 'kind' => 'bottle', 'ml' => 500, 'count' => 4, 'width_cm' => null],
        ['name' => 'small jar', 'kind' => 'jar', 'ml' => 190, 'count' => 8, 'width_cm' => null],
        ['name' => 'jug blender', 'kind' => 'blender', 'ml' => 1500, 'count' => 1, 'width_cm' => null],
    ];

    /** What there is, what a pack costs, and how much a pack is. */
    private const CUPBOARD = [
        'sugar' => ['750 g', 1.6, '1 kg'],
        'honey' => ['200 g', 4.5, '340 g'],
        'fine-salt' => ['400 g', 0.9, '750 g'],
        'cider-vinegar' => ['150 ml', 2.4, '500 ml'],
        'lemon-juice' => ['60 ml', 1.1, '200 ml'],
        'mayonnaise' => ['100 g', 3.2, '450 g'],
        'butter' => ['250 g', 2.6, '250 g'],
    ];

    private const PRICES = [
        'gooseberry' => [5.5, '1 kg'],
        'maple-syrup' => [7.5, '250 ml'],
        'onion' => [1.6, '1 kg'],
        'white-miso' => [4.8, '300 g'],
    ];

    public function run(Evaluator $evaluator, DemoLog $log): void
    {
        $touched = Carbon::now()->subHours(count(self::RECIPES));
        foreach (self::RECIPES as $name) {
            $recipe = $evaluator->read((string) file_get_contents(database_path("demo/{$name}.json")));
            Carbon::setTestNow($touched = $touched->copy()->addHour());
            StoredRecipe::keep(RecipeDocument::write($recipe));
        }
        Carbon::setTestNow();
        EquipmentRecord::replaceAll(self::KIT);
        foreach (self::CUPBOARD as $slug => [$amount, $price, $pack]) {
            OnHand::query()->create([
                'slug' => $slug,
                'have' => true,
                'amount' => $amount,
                'price' => $price,
                'pack' => $pack,
            ]);
        }
        foreach (self::PRICES as $slug => [$price, $pack]) {
            OnHand::query()->create(['slug' => $slug, 'have' => false, 'price' => $price, 'pack' => $pack]);
        }
        $log->write();
    }
}
