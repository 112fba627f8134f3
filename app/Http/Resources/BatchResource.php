<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Batch;
use App\Models\BatchReading;
use App\Recipes\Evaluator;
use Illuminate\Http\Request;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Words\BatchView;

/**
 * A batch and what was measured of it (batch.schema.json).
 *
 * @mixin Batch
 */
final class BatchResource extends Resource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $view = app(BatchView::class);
        $made = $this->made();
        $asMade = app(Evaluator::class)->evaluate(RecipeDocument::read($this->document));

        return [
            'id' => $this->id,
            'recipe' => $this->recipe_id,
            'name' => $this->document['name'],
            'made_on' => $this->made_on->toDateString(),
            'figures' => $view->figures($made),
            'readings' => $this->readings->map(fn (BatchReading $reading): array => [
                'id' => $reading->id,
                'stands' => $reading->stands(),
                'note' => $reading->note,
            ] + $view->reading($reading->reading(), $made, $reading->stands()))->values()->all(),
            'stirred_in' => $made->frozen['stirred_in'] ?? [],
        ] + $view->safety($made, $asMade);
    }
}
