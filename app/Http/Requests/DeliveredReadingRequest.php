<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Recipes\Stove;

/** What a logger delivers (delivered-reading-input.schema.json). */
final class DeliveredReadingRequest extends SchemaRequest
{
    protected const SCHEMA = 'delivered-reading-input';

    /** @return array<string, mixed> */
    public function reading(): array
    {
        /** @var array<string, mixed> $reading */
        $reading = array_intersect_key($this->body, [
            'what' => true,
            'value' => true,
            'with_pan' => true,
            'instrument' => true,
        ]);

        return $reading;
    }

    /** When it was read: seconds since 1970, and never in the future. */
    public function readAt(): float
    {
        return min($this->number('at', Stove::now()), Stove::now());
    }

    public function key(): ?string
    {
        return $this->optional('key');
    }
}
