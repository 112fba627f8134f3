<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/** A number and the words after it: the unit where it is one, otherwise what only the ingredient can explain. */
final readonly class AmountTerm
{
    public function __construct(public Numeral $number, public string $words, public ?Unit $unit) {}
}
