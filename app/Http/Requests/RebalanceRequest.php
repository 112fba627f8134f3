<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe and where it should go (rebalance-input.schema.json). */
final class RebalanceRequest extends RecipeRequest
{
    protected const SCHEMA = 'rebalance-input';

    public function styleSlug(): ?string
    {
        return $this->optional('style');
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
