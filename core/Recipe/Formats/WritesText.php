<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

/** A format that recipes go out in. */
interface WritesText extends Format
{
    /** Of a file of it, without a full stop. */
    public function ending(): string;

    public function mediaType(): string;

    public function takeOut(Outgoing $recipe): string;

    /** @return list<string> what of a recipe it has no place for, in words a maker reads */
    public function cannotCarry(): array;
}
