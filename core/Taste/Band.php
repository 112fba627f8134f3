<?php

declare(strict_types=1);

namespace Vinculum\Taste;

use Vinculum\Figure\Figure;

/** What a style asks of one figure. */
final readonly class Band
{
    /**
     * @throws \DomainException where they are not in order
     */
    public function __construct(public float $low, public float $aim, public float $high)
    {
        if ($low < 0.0 || $aim < $low || $high < $aim) {
            throw new \DomainException("A band is low, aim, high in order, 0 or more; not {$low}, {$aim}, {$high}.");
        }
    }

    /** Noticeable steps outside the band: 0 within it, negative is short. */
    public function steps(Measure $measure, float $value): float
    {
        return match (true) {
            $value < $this->low => $measure->steps($this->low, $value),
            $value > $this->high => $measure->steps($this->high, $value),
            default => 0.0,
        };
    }

    /**
     * Where a figure stands: in, short, over, or unsure where its interval reaches into the band.
     *
     * @return 'in'|'short'|'over'|'unsure'
     */
    public function state(Figure $figure): string
    {
        return match (true) {
            $figure->value >= $this->low && $figure->value <= $this->high => 'in',
            $figure->high() >= $this->low && $figure->low() <= $this->high => 'unsure',
            $figure->value < $this->low => 'short',
            default => 'over',
        };
    }

    /** The end of the band that a value is beyond or nearer to. */
    public function nearestEnd(float $value): float
    {
        return $value < $this->aim ? $this->low : $this->high;
    }
}
