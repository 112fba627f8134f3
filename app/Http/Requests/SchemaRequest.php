<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Schemas;
use Illuminate\Foundation\Http\FormRequest;
use Vinculum\Recipe\InvalidRecipe;

/**
 * A body checked against the JSON Schema that says its shape, before a controller sees it. The shape is written there
 * and
 * nowhere else; a request class only names its schema and hands its parts over typed.
 */
abstract class SchemaRequest extends FormRequest
{
    protected const SCHEMA = '';

    /** Whether no body at all is as good as one that says nothing. */
    protected const MAY_BE_EMPTY = false;

    /** @var array<array-key, mixed> */
    protected array $body = [];

    /**
     * @throws InvalidRecipe naming each field and what is accepted
     */
    public function validateResolved(): void
    {
        if (static::MAY_BE_EMPTY && in_array(trim((string) $this->getContent()), ['', '[]'], true)) {
            return;
        }
        $this->body = app(Schemas::class)->check(static::SCHEMA, (string) $this->getContent());
    }

    protected function text(string $field): string
    {
        return is_string($this->body[$field] ?? null) ? $this->body[$field] : '';
    }

    protected function optional(string $field): ?string
    {
        return is_string($this->body[$field] ?? null) ? $this->body[$field] : null;
    }

    protected function number(string $field, float $default): float
    {
        $number = $this->body[$field] ?? $default;

        return is_numeric($number) ? (float) $number : $default;
    }
}
