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

    /**
     * What of a text is held against which schema of ours first; null for nothing.
     *
     * @return array{schema: string, text: string}|null
     *
     * @throws InvalidRecipe where there is nothing of it that could be read
     */
    public function checked(string $text): ?array;

    /** @throws InvalidRecipe naming what cannot be read, and what would be accepted */
    public function bringIn(string $text, Catalogue $catalogue, Kitchenware $kit): BroughtIn;
}
