<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What somebody said of a batch (tasting-input.schema.json). */
final class TastingRequest extends SchemaRequest
{
    protected const SCHEMA = 'tasting-input';

    /**
     * @return array{on?: string, who?: string, hot?: bool, with?: string, feels?: array<string, float|int>,
     * liking?: int|null, note?: string}
     */
    public function said(): array
    {
        /**
         * @var array{on?: string, who?: string, hot?: bool, with?: string, feels?: array<string, float|int>,
         * liking?: int|null, note?: string} $said
         */
        $said = $this->body;

        return $said;
    }
}
