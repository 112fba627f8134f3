<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe, how much of it, and how it is divided (plan-input.schema.json). */
final class PlanInput extends RecipeInput
{
    protected const SCHEMA = 'plan-input';

    public function to(): string
    {
        return is_string($this->body['to']) ? $this->body['to'] : '';
    }

    public function headspacePercent(): float
    {
        $headspace = $this->body['headspace_percent'] ?? 0;

        return is_numeric($headspace) ? (float) $headspace : 0.0;
    }

    public function portions(): string
    {
        return is_string($this->body['portions'] ?? null) ? $this->body['portions'] : '';
    }
}
