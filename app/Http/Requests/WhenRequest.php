<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Vinculum\Recipe\InvalidRecipe;

/** Sauces that are to be ready (when-input.schema.json). */
final class WhenRequest extends SchemaRequest
{
    protected const SCHEMA = 'when-input';

    public function zone(): string
    {
        return $this->text('zone');
    }

    /** @return list<array{text: string, ready: string|null}> what the sauces are for */
    public function beside(): array
    {
        /** @var list<array{text: string, ready?: string|null}> $given */
        $given = $this->body['beside'] ?? [];

        return array_map(
            static fn (array $each): array => ['text' => $each['text'], 'ready' => $each['ready'] ?? null],
            $given,
        );
    }

    /**
     * @return list<AskedMaking>
     *
     * @throws InvalidRecipe
     */
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
