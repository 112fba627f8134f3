<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;

/** What a batch is measured with: the spoons and cups that are owned, with or without a scale. */
final readonly class Tools
{
    /**
     * @param bool $eighths whether there is an eighth-teaspoon
     * @param bool $scale whether there is a scale
     */
    public function __construct(public Kitchenware $kit, public bool $eighths = true, public bool $scale = true) {}

    public static function of(MeasuringSet|Kitchenware $set): self
    {
        return new self(Kitchenware::of($set));
    }
}
