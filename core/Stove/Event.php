<?php

declare(strict_types=1);

namespace Vinculum\Stove;

/**
 * One thing that happened at the stove. A cook is all that happened, in order: nothing is ever overwritten, so two
 * phones at one pot lose nothing, and what was wrong is taken back by another event.
 */
final readonly class Event
{
    /** What can happen, and what is said of it besides. */
    public const KINDS = [
        'step',
        'tick',
        'went_in',
        'added',
        'spilled',
        'boils',
        'pan',
        'reading',
        'felt',
        'timer',
        'timer_off',
        'note',
        'taken_back',
    ];

    /**
     * @param int $id rising in the order things happened
     * @param float $at seconds since 1970
     * @param value-of<self::KINDS> $kind
     * @param array<string, mixed> $data
     */
    public function __construct(public int $id, public float $at, public string $kind, public array $data = []) {}

    public function text(string $field): string
    {
        return is_string($this->data[$field] ?? null) ? $this->data[$field] : '';
    }

    public function number(string $field): ?float
    {
        $number = $this->data[$field] ?? null;

        return is_int($number) || is_float($number) ? (float) $number : null;
    }

    public function isTrue(string $field): bool
    {
        return ($this->data[$field] ?? false) === true;
    }
}
