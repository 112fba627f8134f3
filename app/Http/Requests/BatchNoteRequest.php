<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A remark on a batch (batch-note-input.schema.json). */
final class BatchNoteRequest extends SchemaRequest
{
    protected const SCHEMA = 'batch-note-input';

    public function words(): string
    {
        return trim($this->text('text'));
    }
}
