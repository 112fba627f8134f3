<?php

declare(strict_types=1);

namespace Vinculum\Words;

/** Numbers for a machine to read. */
final class Digits
{
    /** To six significant digits. */
    public static function six(float $value): float
    {
        return $value === 0.0 ? 0.0 : round($value, 5 - (int) floor(log10(abs($value))));
    }
}
