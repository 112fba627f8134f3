<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Batches to shop for (shopping-input.schema.json). */
final class ShoppingRequest extends SchemaRequest
{
    protected const SCHEMA = 'shopping-input';

    /** @return list<AskedMaking> */
    public function makings(): array
    {
        /** @var list<array<string, mixed>> $given */
        $given = $this->body['batches'];

        return array_map(
            static fn (array $batch, int $i): AskedMaking => AskedMaking::of($batch, "batches[{$i}]."),
            $given,
            array_keys($given),
        );
    }
}
