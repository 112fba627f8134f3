<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe and the line that is to be swapped (swap-input.schema.json). */
final class SwapInput extends RecipeInput
{
    protected const SCHEMA = 'swap-input';

    public function line(): string
    {
        return is_string($this->body['line']) ? $this->body['line'] : '';
    }

    public function in(): ?string
    {
        return is_string($this->body['in'] ?? null) ? $this->body['in'] : null;
    }
}
