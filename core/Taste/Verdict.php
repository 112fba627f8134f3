<?php

declare(strict_types=1);

namespace Vinculum\Taste;

use Vinculum\Figure\Figure;

/** A figure against its band, in steps and words, and never beyond what is known. */
final readonly class Verdict
{
    public const LEVEL = 'level';
    public const SHORT = 'short';
    public const OVER = 'over';
    public const UNSURE = 'within what we know';

    private const FAR = 8;

    /**
     * @param float $steps outside the band, signed; 0 within it
     */
    private function __construct(public float $steps, public string $kind, public string $words) {}

    public static function of(Measure $measure, Figure $figure, Band $band): self
    {
        $steps = $band->steps($measure, $figure->value);
        if ($steps === 0.0) {
            return new self(0.0, self::LEVEL, 'level');
        }
        $end = $band->nearestEnd($figure->value);
        if ($figure->low() <= $end && $end <= $figure->high()) {
            return new self($steps, self::UNSURE, 'too uncertain to say');
        }
        $count = (int) round(abs($steps));
        $side = $steps < 0.0 ? self::SHORT : self::OVER;
        $words = match (true) {
            $count === 0 => "barely {$side}",
            $count === 1 => "1 step {$side}",
            $count < self::FAR => "{$count} steps {$side}",
            default => $steps < 0.0 ? 'far short' : 'far over',
        };

        return new self($steps, $side, $words);
    }
}
