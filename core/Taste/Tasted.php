<?php

declare(strict_types=1);

namespace Vinculum\Taste;

use Vinculum\Figure\Figure;

/** One measure of a finished sauce: the figure, who brings it, and what it hangs on. */
final readonly class Tasted
{
    /**
     * @param array<int, float> $contributions in the measure's unit, by line; they add up to the figure
     * @param array<int, float> $sensitivities d ln(value) / d ln(amount), by deciding line
     * @param float $compositionVariance of ln(value), from what the ingredients are made of
     * @param list<int> $unknown lines large enough to matter whose share is not known, and so counted as nothing
     */
    public function __construct(
        public Measure $measure,
        public Figure $figure,
        public array $contributions,
        public array $sensitivities,
        public float $compositionVariance,
        public array $unknown,
    ) {}

    /** d(noticeable steps) / d ln(amount) of a deciding line. */
    public function stepsPerLn(int $line): float
    {
        return ($this->sensitivities[$line] ?? 0.0) * $this->measure->sense()->stepsPerLn($this->figure->value);
    }
}
