<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What became of a jar (jar-input.schema.json). */
final class JarRequest extends SchemaRequest
{
    protected const SCHEMA = 'jar-input';

    /** @return array<string, string|null> */
    public function changes(): array
    {
        /** @var array<string, string|null> $changes */
        $changes = $this->body;

        return $changes;
    }
}
