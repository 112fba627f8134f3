<?php

declare(strict_types=1);

namespace Vinculum\Figure;

/**
 * What a tongue notices, and in which steps: the one table of Weber fractions and thresholds, their slope, and the
 * words for a number of steps.
 *
 * From a to b there are ln((b + t)/(a + t)) / ln(1 + w) noticeable steps, t about where it begins to be noticed in a
 * sauce and not in water. From memory and judgement, all of it. Thickness is a logarithm already, so its steps are
 * even.
 */
enum Sense: string
{
    case Sweet = 'sweet';
    case Sour = 'sour';
    case Salty = 'salty';
    case Umami = 'umami';
    case Hot = 'hot';
    case Thick = 'thick';
    case Rich = 'rich';
    case Aroma = 'aroma';

    /** Of thickness: powers of ten of viscosity, about half of one of the five words. */
    private const THICK_STEP = 0.6;

    /** The five words for a number of steps, each from so many on. */
    private const DEGREES = [
        ['a touch', 0.0],
        ['a little', 0.75],
        ['clearly', 1.5],
        ['much', 3.5],
        ['far too much', 7.5],
    ];

    /** The Weber fraction: by what share more it is noticed. */
    public function weber(): float
    {
        return match ($this) {
            self::Sweet => 0.17,
            self::Sour => 0.22,
            self::Salty => 0.15,
            self::Umami => 0.2,
            self::Hot => 0.35,
            self::Rich => 0.2,
            self::Aroma => 0.25,
            self::Thick => throw new \LogicException('Thickness goes by even steps and has no Weber fraction.'),
        };
    }

    /** About where it begins to be noticed, in the unit of its figure. */
    public function threshold(): float
    {
        return match ($this) {
            self::Sweet => 1.0,
            self::Sour => 0.05,
            self::Salty => 0.2,
            self::Umami => 0.05,
            self::Hot => 50.0,
            self::Rich => 2.0,
            self::Aroma, self::Thick => 0.0,
        };
    }

    /** Noticeable steps from one value to another; signed, positive is more. */
    public function steps(float $from, float $to): float
    {
        return $this->height($to) - $this->height($from);
    }

    /** A value in steps on the sense's own scale, which begins nowhere in particular: differences are what counts. */
    public function height(float $value): float
    {
        return $this === self::Thick
            ? $value / self::THICK_STEP
            : log($value + $this->threshold()) / log(1 + $this->weber());
    }

    /** The value so many noticeable steps away; 0 at the least. */
    public function moved(float $value, float $steps): float
    {
        return max(
            0.0,
            $this === self::Thick
                ? $value + $steps * self::THICK_STEP
                : ($value + $this->threshold()) * (1 + $this->weber()) ** $steps - $this->threshold(),
        );
    }

    /** How much the value changes for one step, there. */
    public function perStep(float $value): float
    {
        return $this === self::Thick ? self::THICK_STEP : ($value + $this->threshold()) * log(1 + $this->weber());
    }

    /** d(steps) / d ln(value), there. */
    public function stepsPerLn(float $value): float
    {
        return $value / $this->perStep($value);
    }

    /** A number of steps in one of five words: a touch, a little, clearly, much, far too much or little. */
    public static function degree(float $steps): string
    {
        $word = '';
        foreach (self::DEGREES as [$each, $from]) {
            $word = abs($steps) >= $from ? $each : $word;
        }

        return $steps < 0.0 ? str_replace('too much', 'too little', $word) : $word;
    }
}
