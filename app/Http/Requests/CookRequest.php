<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe that goes on the stove (cook-input.schema.json). */
final class CookRequest extends SchemaRequest
{
    protected const SCHEMA = 'cook-input';

    public function asked(): AskedMaking
    {
        return AskedMaking::of($this->body);
    }

    public function isPractice(): bool
    {
        return ($this->body['practice'] ?? false) === true;
    }
}
