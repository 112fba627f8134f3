<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** How much of a batch is the beginning of another sauce (onward-input.schema.json). */
final class OnwardRequest extends SchemaRequest
{
    protected const SCHEMA = 'onward-input';

    protected const MAY_BE_EMPTY = true;

    /** Empty for all there is. */
    public function amount(): string
    {
        return trim($this->text('amount'));
    }
}
