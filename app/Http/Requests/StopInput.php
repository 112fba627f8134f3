<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe and the stage that might stop elsewhere (stop-input.schema.json). */
final class StopInput extends RecipeInput
{
    protected const SCHEMA = 'stop-input';

    public function stage(): string
    {
        return is_string($this->body['stage']) ? $this->body['stage'] : '';
    }
}
