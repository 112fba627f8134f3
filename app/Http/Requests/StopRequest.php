<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe and the stage that might stop elsewhere (stop-input.schema.json). */
final class StopRequest extends RecipeRequest
{
    protected const SCHEMA = 'stop-input';

    public function stage(): string
    {
        return $this->text('stage');
    }
}
