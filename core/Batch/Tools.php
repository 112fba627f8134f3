<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Figure\Figure;

/** What a batch is measured and cooked with: the spoons and cups that are owned, a scale or none, and the hob. */
final readonly class Tools
{
    /**
     * @param bool $eighths whether there is an eighth-teaspoon
     * @param bool $scale whether there is a scale
     * @param array<string, Figure> $hobs g a minute that its pans were seen to lose, by Hob::name()
     */
    public function __construct(
        public Kitchenware $kit,
        public bool $eighths = true,
        public bool $scale = true,
        public array $hobs = [],
    ) {}

    public static function of(MeasuringSet|Kitchenware $set): self
    {
        return new self(Kitchenware::of($set));
    }
}
