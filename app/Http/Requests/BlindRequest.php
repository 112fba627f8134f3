<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What a few people said of two cups (blind-input.schema.json). */
final class BlindRequest extends SchemaRequest
{
    protected const SCHEMA = 'blind-input';

    public function taste(): string
    {
        return $this->text('taste');
    }

    public function steps(): float
    {
        return $this->number('steps', 0.0);
    }

    /** @return list<array{who: string, moved: bool|null}> by the name of the cup each chose */
    public function answers(): array
    {
        /** @var list<array{who: string, better: string}> $answers */
        $answers = $this->body['answers'] ?? [];

        return array_map(fn (array $answer): array => ['who' => $answer['who'], 'moved' => match ($answer['better']) {
            $this->text('changed') => true,
            $this->text('plain') => false,
            default => null,
        }], $answers);
    }
}
