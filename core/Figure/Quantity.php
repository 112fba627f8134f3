<?php

declare(strict_types=1);

namespace Vinculum\Figure;

/**
 * A number within a sentence, and what it is a number of. It is written in the reader's own units and with their own
 * decimal mark only when the sentence is said (Words\Speech).
 */
final readonly class Quantity
{
    private function __construct(public QuantityKind $kind, public float $value, public int $places = 0) {}

    /** @param float $grams 0 or more */
    public static function mass(float $grams): self
    {
        return new self(QuantityKind::Mass, $grams);
    }

    /** @param float $millilitres 0 or more */
    public static function volume(float $millilitres): self
    {
        return new self(QuantityKind::Volume, $millilitres);
    }

    /** Of no unit that a reader chooses: pH, °Brix, steps, times, millimetres. */
    public static function number(float $value, int $places): self
    {
        return new self(QuantityKind::Number, $value, $places);
    }

    /** @param float $share 0.2 is 20 % */
    public static function percent(float $share): self
    {
        return new self(QuantityKind::Percent, $share);
    }

    /** @param float $steps whatever their sign: "half a step", "2.5 steps" */
    public static function steps(float $steps): self
    {
        return new self(QuantityKind::Steps, $steps);
    }

    /** @param float $minutes 0 or more: "1 minute", "25 minutes", "4 hours" */
    public static function minutes(float $minutes): self
    {
        return new self(QuantityKind::Minutes, $minutes);
    }
}
