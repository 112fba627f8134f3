<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Jars that were filled (jars-input.schema.json). */
final class JarsRequest extends SchemaRequest
{
    protected const SCHEMA = 'jars-input';

    public function count(): int
    {
        return (int) $this->number('count', 1.0);
    }

    public function sizeMl(): ?float
    {
        return isset($this->body['size_ml']) ? $this->number('size_ml', 0.0) : null;
    }

    public function kind(): string
    {
        return $this->optional('kind') ?? 'jar';
    }

    public function place(): string
    {
        return $this->optional('place') ?? 'fridge';
    }
}
