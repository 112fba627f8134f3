<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** The next try as it was offered (next-try-input.schema.json). */
final class NextTryRequest extends SchemaRequest
{
    protected const SCHEMA = 'next-try-input';

    /** Its key; empty where a taste is moved. */
    public function change(): string
    {
        return $this->optional('only') ?? '';
    }
}
