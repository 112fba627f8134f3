<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

/** A way a recipe comes in or goes out as text (docs/adding-a-format.md). */
interface Format
{
    /** What it is called in the API: lower case, one word. */
    public function name(): string;

    /** As a maker reads it. */
    public function label(): string;
}
