<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Vinculum\Safety\Need;

/** A recipe and what it should be free of (free-input.schema.json). */
final class FreeInput extends RecipeInput
{
    protected const SCHEMA = 'free-input';

    /** @return list<Need> */
    public function needs(): array
    {
        /** @var list<string> $needs */
        $needs = $this->body['needs'];

        return array_map(Need::from(...), $needs);
    }

    /** @return list<string> */
    public function keep(): array
    {
        /** @var list<string> $keep */
        $keep = $this->body['keep'] ?? [];

        return $keep;
    }

    /** @param 'salt_times'|'heat_times' $field */
    public function times(string $field): float
    {
        $times = $this->body[$field] ?? 1;

        return is_numeric($times) ? (float) $times : 1.0;
    }
}
