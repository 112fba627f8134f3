<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Amount\Kitchenware;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\InvalidRecipe;

/** A format that recipes come in by. */
interface ReadsText extends Format
{
    /**
     * Whether a text is of this format.
     *
     * @throws InvalidRecipe where it is, and surely cannot be read
     */
    public function isOf(string $text): bool;

    /** The schema of ours that its text is held against first; null for none. */
    public function schema(): ?string;

    /** @throws InvalidRecipe naming what cannot be read, and what would be accepted */
    public function bringIn(string $text, Catalogue $catalogue, Kitchenware $kit): BroughtIn;
}
