<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What the spoon says of a pot on the stove (feels-input.schema.json). */
final class FeelsRequest extends SchemaRequest
{
    protected const SCHEMA = 'feels-input';

    /** @return array<string, float> steps by Feel value, positive is too much */
    public function feels(): array
    {
        /** @var array<string, float|int> $feels */
        $feels = $this->body['feels'] ?? [];

        return array_map(floatval(...), $feels);
    }
}
