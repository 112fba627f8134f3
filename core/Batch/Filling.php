<?php

declare(strict_types=1);

namespace Vinculum\Batch;

/** How a yield goes into containers. Never one overfilled: what is over is left over. */
final class Filling
{
    /** From this share of a full batch on, all containers are filled a little less. */
    private const FULL_ENOUGH = 0.95;

    /**
     * @param float $fill mL that goes into each, below its size by the headspace
     * @return array{count: int, volume_ml: float, fill_ml: float, full: int, left_ml: float}
     */
    public static function of(int $count, float $size, float $fill, float $yield): array
    {
        // rounding to spoons makes a little more or less: a little less is shared out, so that no bottle is left half
        // empty
        $fill = $yield < $fill * $count && $yield > self::FULL_ENOUGH * $fill * $count ? $yield / $count : $fill;
        $full = (int) floor($yield / $fill + 1e-9);

        return [
            'count' => $count,
            'volume_ml' => $size,
            'fill_ml' => $fill,
            'full' => min($full, $count),
            'left_ml' => max(0.0, $yield - min($full, $count) * $fill),
        ];
    }
}
