<?php

declare(strict_types=1);

namespace Vinculum\Stove\Instruments;

/** A probe in the sauce, °C: half a degree out for good, and a little unsteady. */
final readonly class Thermometer implements Instrument
{
    private const OUT = 0.5;

    private const UNSTEADY = 0.2;

    public function what(): string
    {
        return 'temperature';
    }

    public function unit(): string
    {
        return '°C';
    }

    public function read(TruePot $pot, int $nth): float
    {
        return round(
            $pot->celsius
                + self::OUT * $pot->truth->normal('thermometer')
                + self::UNSTEADY * $pot->truth->normal("thermometer {$nth}"),
            1,
        );
    }
}
