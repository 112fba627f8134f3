<?php

declare(strict_types=1);

namespace Vinculum\Measure;

/**
 * A value, its unit and how well it is known, which travel together.
 *
 * The interval holds the truth four times in five. It is even in the logarithm, so a positive figure never has a
 * negative end, and a chilli known "to a factor of two" reads from half to double.
 */
final readonly class Figure
{
    /**
     * @param float $spread half-width of the interval in ln(value), 0 or more
     */
    public function __construct(public float $value, public float $spread, public string $unit) {}

    public function low(): float
    {
        return $this->value * exp(-$this->spread);
    }

    public function high(): float
    {
        return $this->value * exp($this->spread);
    }
}
