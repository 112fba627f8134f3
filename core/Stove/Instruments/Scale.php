<?php

declare(strict_types=1);

namespace Vinculum\Stove\Instruments;

/** A kitchen scale with the pan on it, never tared: it shows whole grams of pan and sauce. */
final readonly class Scale implements Instrument
{
    /** Standard deviation of a pan that is lifted over and set down, g; judgement. */
    private const SET_DOWN = 2.0;

    public function what(): string
    {
        return 'mass';
    }

    public function unit(): string
    {
        return 'g';
    }

    public function read(TruePot $pot, int $nth): float
    {
        return round($pot->grams + $pot->truth->pan() + self::SET_DOWN * $pot->truth->normal("scale {$nth}"));
    }
}
