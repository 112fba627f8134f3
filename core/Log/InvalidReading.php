<?php

declare(strict_types=1);

namespace Vinculum\Log;

/** A reading that cannot be; the message is the one the maker reads. */
final class InvalidReading extends \DomainException
{
    /** @param key-of<Reading::POSSIBLE> $kind */
    public static function outOfRange(string $kind, float $value): self
    {
        [$least, $most, $unit] = Reading::POSSIBLE[$kind];
        $name = ['ph' => 'A pH', 'brix' => 'A °Brix', 'salt' => 'Salt', 'mass' => 'A mass'][$kind];

        return new self(trim("{$name} of {$value} cannot be: it lies between {$least} and {$most} {$unit}").'.');
    }
}
