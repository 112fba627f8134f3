<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Vinculum\Amount\MeasuringSet;

/** Text as it was jotted down (text-input.schema.json). */
final class NoteRequest extends SchemaRequest
{
    protected const SCHEMA = 'text-input';

    public function note(): string
    {
        return $this->text('text');
    }

    public function measures(): MeasuringSet
    {
        return MeasuringSet::from($this->optional('measures') ?? 'us');
    }
}
