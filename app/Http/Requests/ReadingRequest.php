<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What an instrument said of a batch (reading-input.schema.json). */
final class ReadingRequest extends SchemaRequest
{
    protected const SCHEMA = 'reading-input';

    /**
     * @return array{kind: 'ph'|'brix'|'salt'|'mass', value: float|int, hot?: bool, rested?: bool,
     * instrument?: 'calibrated'|'uncalibrated'|'strips', note?: string, instead_of?: int|null}
     */
    public function reading(): array
    {
        /**
         * @var array{kind: 'ph'|'brix'|'salt'|'mass', value: float|int, hot?: bool, rested?: bool,
         * instrument?: 'calibrated'|'uncalibrated'|'strips', note?: string, instead_of?: int|null} $body
         */
        $body = $this->body;

        return $body;
    }
}
