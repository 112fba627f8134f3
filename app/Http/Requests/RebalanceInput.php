<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe and where it should go (rebalance-input.schema.json). */
final class RebalanceInput extends RecipeInput
{
    protected const SCHEMA = 'rebalance-input';

    public function style(): ?string
    {
        return is_string($this->body['style'] ?? null) ? $this->body['style'] : null;
    }

    /**
     * @param 'targets'|'levels'|'feels' $field
     * @return array<string, float>
     */
    public function numbers(string $field): array
    {
        /** @var array<string, float|int> $given */
        $given = $this->body[$field] ?? [];

        return array_map(floatval(...), $given);
    }
}
