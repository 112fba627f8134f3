<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe and the format it is wanted in (export-input.schema.json). */
final class ExportRequest extends RecipeRequest
{
    protected const SCHEMA = 'export-input';

    /** @return 'json'|'jsonld'|'markdown'|'csv' */
    public function wantedFormat(): string
    {
        /** @var 'json'|'jsonld'|'markdown'|'csv' $format */
        $format = $this->body['format'];

        return $format;
    }
}
