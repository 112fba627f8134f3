<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\StoredRecipe;
use App\Recipes\Evaluator;
use Vinculum\Recipe\Formats\RecipeDocument;

/** The recipes on the Shelf, each with a miniature of its balance (recipe-list.schema.json), worked out when asked for. */
final readonly class ShelfDocument
{
    public function __construct(private Evaluator $evaluator) {}

    /**
     * @param iterable<StoredRecipe> $recipes
     * @return array{recipes: list<array<string, mixed>>}
     */
    public function of(iterable $recipes): array
    {
        $cards = [];
        foreach ($recipes as $stored) {
            $cards[] = $this->card($stored);
        }

        return ['recipes' => $cards];
    }

    /**
     * @return array<string, mixed>
     */
    private function card(StoredRecipe $stored): array
    {
        $evaluation = $this->evaluator->evaluate(RecipeDocument::read($stored->document));
        $volume = $evaluation->estimates->volume()->value;

        return [
            'id' => $stored->id,
            'revision' => $stored->revision,
            'updated_at' => $stored->updated_at->toIso8601ZuluString(),
            'name' => $stored->name,
            'style_name' => $evaluation->style?->name,
            'makes_text' => $volume > 0.0 ? 'makes '.Wording::volume($volume) : 'empty',
            'verdict' => BenchDocument::sentence($evaluation),
            'problems' => count(array_filter($evaluation->problems(), static fn ($problem): bool => $problem->code !== 'to-taste')),
            'columns' => BenchDocument::miniature($evaluation),
            'variant_of_name' => $stored->variant_of === null ? '' : StoredRecipe::query()->find($stored->variant_of)->name ?? '',
        ];
    }
}
