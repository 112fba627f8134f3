<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Vinculum\Recipe\Formats\Formats;
use Vinculum\Recipe\Formats\WritesText;
use Vinculum\Recipe\InvalidRecipe;

/** A recipe and the format it is wanted in (export-input.schema.json). */
final class ExportRequest extends RecipeRequest
{
    protected const SCHEMA = 'export-input';

    /** @throws InvalidRecipe where there is no such format */
    public function wantedFormat(): WritesText
    {
        $writers = Formats::writers();

        return $writers[$this->body['format']]
            ?? throw InvalidRecipe::at(
                'format',
                'There is no such format. Expected: one of '.implode(', ', array_keys($writers)).'.',
            );
    }
}
