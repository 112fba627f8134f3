<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Vinculum\Solve\Mend\Complaint;

/** A recipe, what is in the pot of it, and what the spoon says (rescue-input.schema.json). */
final class RescueRequest extends RecipeRequest
{
    protected const SCHEMA = 'rescue-input';

    /**
     * @param 'feels'|'much' $field
     * @return array<string, float>
     */
    public function steps(string $field): array
    {
        /** @var array<string, float|int> $given */
        $given = $this->body[$field] ?? [];

        return array_map(floatval(...), $given);
    }

    /** What it looks like, where that is what is wrong. */
    public function trouble(): ?Complaint
    {
        return Complaint::tryFrom(is_string($this->body['trouble'] ?? null) ? $this->body['trouble'] : '');
    }

    /** @return list<string>|null */
    public function have(): ?array
    {
        /** @var list<string>|null $have */
        $have = $this->body['have'] ?? null;

        return $have;
    }

    /** @return array{in_pot?: string, boiled_further?: string, hot?: bool, before_stage?: string} */
    public function pot(): array
    {
        /** @var array{in_pot?: string, boiled_further?: string, hot?: bool, before_stage?: string} $pot */
        $pot = $this->body['pot'] ?? [];

        return $pot;
    }
}
