<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What is to be drafted (draft-input.schema.json). */
final class DraftRequest extends SchemaRequest
{
    protected const SCHEMA = 'draft-input';

    public function style(): string
    {
        return $this->text('style');
    }

    /** @return list<string> */
    public function with(): array
    {
        /** @var list<string> $with */
        $with = $this->body['with'] ?? [];

        return $with;
    }

    /** @return list<string> */
    public function freeOf(): array
    {
        /** @var list<string> $needs */
        $needs = $this->body['free_of'] ?? [];

        return $needs;
    }

    /** @return list<string> */
    public function without(): array
    {
        /** @var list<string> $slugs */
        $slugs = $this->body['without'] ?? [];

        return $slugs;
    }

    public function another(): int
    {
        return (int) $this->number('another', 0.0);
    }
}
