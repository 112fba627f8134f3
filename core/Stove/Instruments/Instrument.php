<?php

declare(strict_types=1);

namespace Vinculum\Stove\Instruments;

/** Something that reads a pot. A real one delivers its readings from outside; those here read a simulated pot. */
interface Instrument
{
    /** Lowest and highest that can be read: g, mm, °Brix, °C, pH. What is beyond is a slip of the finger. */
    public const POSSIBLE = [
        'mass' => [1.0, 100_000.0],
        'depth' => [1.0, 600.0],
        'brix' => [0.0, 90.0],
        'temperature' => [-20.0, 250.0],
        'ph' => [0.0, 14.0],
    ];

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
