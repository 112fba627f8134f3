<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Vinculum\Stove\Event;

/** Something that happened at the stove (cook-event-input.schema.json). */
final class CookEventRequest extends SchemaRequest
{
    protected const SCHEMA = 'cook-event-input';

    /** @return value-of<Event::KINDS> */
    public function kind(): string
    {
        /** @var value-of<Event::KINDS> $kind */
        $kind = $this->text('kind');

        return $kind;
    }

    public function key(): ?string
    {
        return $this->optional('key');
    }

    /** @return array<string, mixed> what is said of it */
    public function said(): array
    {
        /** @var array<string, mixed> $said */
        $said = array_diff_key($this->body, ['kind' => true, 'key' => true]);

        return $said;
    }
}
