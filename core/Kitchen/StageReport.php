<?php

declare(strict_types=1);

namespace Vinculum\Kitchen;

/** What one stage did to the pot, grams. */
final readonly class StageReport
{
    public function __construct(
        public string $id,
        public float $massIn,
        public float $boiledOff,
        public float $liftedOut,
        public float $massOut,
    ) {}
}
