<?php

declare(strict_types=1);

namespace Vinculum\Stove\Instruments;

use Vinculum\Mixture\Meter;

/** A pH meter that nobody has calibrated for a while: out by the same every time, and a little unsteady. */
final readonly class PhMeter implements Instrument
{
    private const OUT = 0.15;

    private const UNSTEADY = 0.02;

    public function what(): string
    {
        return 'ph';
    }

    public function unit(): string
    {
        return '';
    }

    public function read(TruePot $pot, int $nth): ?float
    {
        $acidity = $pot->sauce->acidity();
        $ph = $acidity === null ? null : Meter::shows($acidity, $pot->sauce->grams);

        return $ph === null
            ? null
            : round(
                $ph
                    + self::OUT * $pot->truth->normal('ph meter')
                    + self::UNSTEADY * $pot->truth->normal("ph meter {$nth}"),
                2,
            );
    }
}
