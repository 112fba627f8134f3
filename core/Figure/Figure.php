<?php

declare(strict_types=1);

namespace Vinculum\Figure;

/**
 * A value, its unit and how well it is known, which travel together.
 *
 * The interval holds the truth four times in five. It is even in the logarithm, so a positive figure never has a
 * negative end, and a chilli known "to a factor of two" reads from half to double. A pH, a logarithm itself, and a
 * water activity are even as they are.
 */
final readonly class Figure
{
    /** From a standard deviation to the half-width of a four-in-five interval, of a normal distribution. */
    public const HALF_WIDTHS = 1.2816;

    /**
     * @param float $spread half-width of the interval, 0 or more: in ln(value), or in the value where it is even as it
     *     is
     * @param float $most what it cannot pass, whatever is known of it
     * @param float $least ... and what it cannot fall below
     * @param float $unknown what may come on top of it of things nobody has measured, in the value's unit
     */
    public function __construct(
        public float $value,
        public float $spread,
        public string $unit,
        private bool $isEven = false,
        private float $most = INF,
        private float $unknown = 0.0,
        private float $least = -INF,
    ) {}

    /** Even in the value itself. */
    public static function even(
        float $value,
        float $halfWidth,
        string $unit,
        float $least = -INF,
        float $most = INF,
    ): self {
        return new self($value, $halfWidth, $unit, true, $most, least: $least);
    }

    /** The same, and so much that may come on top of it. */
    public function reaching(float $unknown): self
    {
        return new self(
            $this->value,
            $this->spread,
            $this->unit,
            $this->isEven,
            $this->most,
            $unknown,
            $this->least,
        );
    }

    public function low(): float
    {
        return max(
            $this->least,
            $this->isEven ? $this->value - $this->spread : $this->value * exp(-$this->spread),
        );
    }

    public function high(): float
    {
        return min(
            $this->most,
            ($this->isEven ? $this->value + $this->spread : $this->value * exp($this->spread)) + $this->unknown,
        );
    }
}
