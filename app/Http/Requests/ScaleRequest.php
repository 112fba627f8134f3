<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe and how much of it is wanted (scale-input.schema.json). */
class ScaleRequest extends RecipeRequest
{
    protected const SCHEMA = 'scale-input';

    public function to(): string
    {
        return $this->text('to');
    }

    public function headspacePercent(): float
    {
        return $this->number('headspace_percent', 0.0);
    }
}
