<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Vinculum\Amount\MeasuringSet;

/** A file to bring in (import-input.schema.json). */
final class ImportRequest extends SchemaRequest
{
    protected const SCHEMA = 'import-input';

    public function contents(): string
    {
        return $this->text('text');
    }

    public function measures(): ?MeasuringSet
    {
        return MeasuringSet::tryFrom($this->optional('measures') ?? '');
    }
}
