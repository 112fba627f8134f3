<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What was made otherwise that time, in its maker's words (different-input.schema.json). */
final class DifferentRequest extends SchemaRequest
{
    protected const SCHEMA = 'different-input';

    public function words(): string
    {
        return trim($this->text('text'));
    }
}
