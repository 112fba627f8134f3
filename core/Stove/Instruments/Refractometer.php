<?php

declare(strict_types=1);

namespace Vinculum\Stove\Instruments;

use Vinculum\Mixture\Brix;

/** A hand refractometer, °Brix, read to half a degree. */
final readonly class Refractometer implements Instrument
{
    private const UNSTEADY = 0.3;

    public function what(): string
    {
        return 'brix';
    }

    public function unit(): string
    {
        return '°Brix';
    }

    public function read(TruePot $pot, int $nth): ?float
    {
        $brix = Brix::of($pot->sauce->grams);

        return $brix === null
            ? null
            : round(2 * max(0.0, $brix + self::UNSTEADY * $pot->truth->normal("refractometer {$nth}"))) / 2;
    }
}
