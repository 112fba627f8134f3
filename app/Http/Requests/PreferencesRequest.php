<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** How the household measures, and what it reads (preferences.schema.json). */
final class PreferencesRequest extends SchemaRequest
{
    protected const SCHEMA = 'preferences';

    /** @return array{measures: string, scale_g: float|int, mass: 'g'|'oz', volume: 'ml'|'cup'|'fl oz', decimal: 'point'|'comma', scale?: bool, eighths?: bool, never?: list<string>, meanings?: list<array{words: string, ingredient: string}>, kitchen?: array{rings: int, oven: bool, wakes: string, sleeps: string, zone: string}, was?: array<string, mixed>} */
    public function given(): array
    {
        /** @var array{measures: string, scale_g: float|int, mass: 'g'|'oz', volume: 'ml'|'cup'|'fl oz', decimal: 'point'|'comma', scale?: bool, eighths?: bool, never?: list<string>, meanings?: list<array{words: string, ingredient: string}>, kitchen?: array{rings: int, oven: bool, wakes: string, sleeps: string, zone: string}, was?: array<string, mixed>} $body */
        $body = $this->body;

        return $body;
    }
}
