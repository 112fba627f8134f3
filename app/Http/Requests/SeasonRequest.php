<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** When a thing is in season here (season-input.schema.json). */
final class SeasonRequest extends SchemaRequest
{
    protected const SCHEMA = 'season-input';

    /** @return array{first: int|null, last: int|null} */
    public function season(): array
    {
        /** @var array{first: int|null, last: int|null} $body */
        $body = $this->body;

        return $body;
    }
}
