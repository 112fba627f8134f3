<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\StoredRecipe;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Recipe;

/** Sauces that are to be ready (when-input.schema.json). */
final class WhenRequest extends SchemaRequest
{
    protected const SCHEMA = 'when-input';

    public function zone(): string
    {
        return $this->text('zone');
    }

    /**
     * @return list<array{recipe: Recipe, to: string, ready: string|null}>
     *
     * @throws InvalidRecipe
     */
    public function batches(): array
    {
        /** @var list<array{recipe: string, to?: string, ready?: string|null}> $given */
        $given = $this->body['batches'];
        $batches = [];
        foreach ($given as $i => $batch) {
            $record
                = StoredRecipe::query()->find($batch['recipe'])
                ?? throw InvalidRecipe::at("batches[{$i}].recipe", 'is no recipe on the Shelf.');
            $batches[] = [
                'recipe' => RecipeDocument::read($record->document),
                'to' => trim($batch['to'] ?? ''),
                'ready' => $batch['ready'] ?? null,
            ];
        }

        return $batches;
    }
}
