<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\StoredRecipe;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A recipe on the Shelf, as keeping one makes it.
 *
 * @extends Factory<StoredRecipe>
 */
final class StoredRecipeFactory extends Factory
{
    protected $model = StoredRecipe::class;

    private const DOCUMENT = [
        'format' => 'vinculum-recipe',
        'version' => 2,
        'name' => 'Plum ketchup',
        'style' => 'fruit-ketchup',
        'stages' => [['id' => 's1', 'lines' => [
            ['id' => 'l1', 'ingredient' => 'plum', 'amount' => '1 kg'],
            ['id' => 'l2', 'ingredient' => 'sugar', 'amount' => '1 cup'],
            ['id' => 'l3', 'ingredient' => 'fine-salt', 'amount' => '2 tsp'],
        ], 'process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 30]]]],
    ];

    public function definition(): array
    {
        return [
            'name' => self::DOCUMENT['name'],
            'document' => self::DOCUMENT,
            'words' => mb_strtolower(self::DOCUMENT['name']),
            'revision' => 1,
        ];
    }

    /** Called so, on the Shelf and in its own document. */
    public function called(string $name): self
    {
        return $this->state([
            'name' => $name,
            'document' => ['name' => $name] + self::DOCUMENT,
            'words' => mb_strtolower($name),
        ]);
    }
}
