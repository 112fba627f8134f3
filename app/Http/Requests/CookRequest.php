<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe that goes on the stove (cook-input.schema.json). */
final class CookRequest extends SchemaRequest
{
    protected const SCHEMA = 'cook-input';

    public function recipeId(): string
    {
        return $this->text('recipe');
    }

    public function to(): string
    {
        return $this->text('to');
    }

    public function isPractice(): bool
    {
        return ($this->body['practice'] ?? false) === true;
    }
}
