<?php

declare(strict_types=1);

namespace Vinculum\Log;

/** The standard normal distribution. */
final class Normal
{
    public static function density(float $z): float
    {
        return exp(-$z ** 2 / 2) / sqrt(2 * M_PI);
    }

    /** The chance of a draw below; Abramowitz and Stegun, 7.1.26, good to 1.5e-7. */
    public static function below(float $z): float
    {
        $t = 1 / (1 + 0.3275911 * abs($z) / M_SQRT2);
        $tail = $t * (0.254829592 + $t * (-0.284496736 + $t * (1.421413741 + $t * (-1.453152027 + $t * 1.061405429))))
            * exp(-$z ** 2 / 2);

        return $z >= 0.0 ? 1 - $tail / 2 : $tail / 2;
    }
}
