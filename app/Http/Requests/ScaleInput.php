<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe and how much of it is wanted (scale-input.schema.json). */
final class ScaleInput extends RecipeInput
{
    protected const SCHEMA = 'scale-input';

    public function to(): string
    {
        return is_string($this->body['to']) ? $this->body['to'] : '';
    }

    public function headspacePercent(): float
    {
        $headspace = $this->body['headspace_percent'] ?? 0;

        return is_numeric($headspace) ? (float) $headspace : 0.0;
    }
}
