<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe and the line that is to be swapped (swap-input.schema.json). */
final class SwapRequest extends RecipeRequest
{
    protected const SCHEMA = 'swap-input';

    public function line(): string
    {
        return $this->text('line');
    }

    public function standIn(): ?string
    {
        return $this->optional('in');
    }
}
