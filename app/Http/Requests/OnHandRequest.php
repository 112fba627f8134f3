<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What there is of a thing, and what it costs (on-hand-input.schema.json). */
final class OnHandRequest extends SchemaRequest
{
    protected const SCHEMA = 'on-hand-input';

    /** @return array{have: bool, price?: float|int|null, pack?: string|null, amount?: string|null} */
    public function mark(): array
    {
        /** @var array{have: bool, price?: float|int|null, pack?: string|null, amount?: string|null} $body */
        $body = $this->body;

        return $body;
    }
}
