<?php

declare(strict_types=1);

namespace Vinculum\Stove\Instruments;

/** Something that reads a pot. A real one delivers its readings from outside; those here read a simulated pot. */
interface Instrument
{
    /** What it reads, as a reading has it: mass, temperature, ph, brix. */
    public function what(): string;

    public function unit(): string;

    /**
     * What it shows, rounded as its display is; null where there is nothing it could read.
     *
     * @param int $nth how often it was read before: its noise is another every time
     */
    public function read(TruePot $pot, int $nth): ?float;
}
