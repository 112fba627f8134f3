<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** All mugs and ladles of the household (vessel-list.schema.json). */
final class VesselsRequest extends SchemaRequest
{
    protected const SCHEMA = 'vessel-list';

    /**
     * @return array{vessels: list<array{name: string, millilitres: float|int}>, was?: list<array{name: string,
     * millilitres: float|int}>}
     */
    public function given(): array
    {
        /**
         * @var array{vessels: list<array{name: string, millilitres: float|int}>, was?: list<array{name: string,
         * millilitres: float|int}>} $body
         */
        $body = $this->body;

        return $body;
    }
}
