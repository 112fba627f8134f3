<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What a captured style is to be called (style-name-input.schema.json). */
final class StyleNameRequest extends SchemaRequest
{
    protected const SCHEMA = 'style-name-input';

    public function styleName(): string
    {
        return $this->text('name');
    }
}
