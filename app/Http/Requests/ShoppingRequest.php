<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Batches to shop for (shopping-input.schema.json). */
final class ShoppingRequest extends SchemaRequest
{
    protected const SCHEMA = 'shopping-input';

    /** @return array{batches: list<array{recipe: string, to: string}>} */
    public function given(): array
    {
        /** @var array{batches: list<array{recipe: string, to: string}>} $body */
        $body = $this->body;

        return $body;
    }
}
