<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What the maker thought of a swap (swap-memory-input.schema.json). */
final class SwapMemoryRequest extends SchemaRequest
{
    protected const SCHEMA = 'swap-memory-input';

    /** @return array{out: string, in: string, verdict: int, note: string} */
    public function memory(): array
    {
        /** @var array{out: string, in: string, verdict: int, note: string} $body */
        $body = $this->body;

        return $body;
    }
}
