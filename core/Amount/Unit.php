<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/**
 * One unit of the table in Units: its name, what it measures and how large it is.
 */
final readonly class Unit
{
    /**
     * @param float $size grams for a mass, millilitres for a volume, 1 for a count or a part; above 0
     * @param bool $informal a pinch or a glug: nobody's is the same
     * @param list<array{float, list<float>}> $rungs kitchen steps: up to this number, these parts of the step's whole
     */
    public function __construct(
        public string $name,
        public Dimension $dimension,
        public float $size,
        public bool $informal,
        public bool $decimal,
        public array $rungs,
    ) {}
}
