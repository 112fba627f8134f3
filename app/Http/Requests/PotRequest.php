<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A pot without a recipe, and what the spoon says (pot-input.schema.json). */
final class PotRequest extends SchemaRequest
{
    protected const SCHEMA = 'pot-input';

    /**
     * @return array{style: string, amount: string, feels: array<string, float|int>, have?: list<string>,
     * cooked?: bool, measures?: string}
     */
    public function given(): array
    {
        /**
         * @var array{style: string, amount: string, feels: array<string, float|int>, have?: list<string>,
         * cooked?: bool, measures?: string} $body
         */
        $body = $this->body;

        return $body;
    }
}
