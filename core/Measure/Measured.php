<?php

declare(strict_types=1);

namespace Vinculum\Measure;

/** A number and the words after it: the unit where it is one, otherwise what only the ingredient can explain. */
final readonly class Measured
{
    public function __construct(public Numeral $number, public string $words, public ?Unit $unit) {}
}
