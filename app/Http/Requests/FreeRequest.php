<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe and what it should be free of (free-input.schema.json). */
final class FreeRequest extends RecipeRequest
{
    protected const SCHEMA = 'free-input';

    /** @return list<string> */
    public function needs(): array
    {
        /** @var list<string> $needs */
        $needs = $this->body['needs'];

        return $needs;
    }

    /** @return list<string> ids of lines that stay */
    public function kept(): array
    {
        /** @var list<string> $keep */
        $keep = $this->body['keep'] ?? [];

        return $keep;
    }

    /** @param 'salt_times'|'heat_times' $field */
    public function times(string $field): float
    {
        return $this->number($field, 1.0);
    }
}
