<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Recipe\WeighedRecipe;

/** A recipe that goes out. */
final readonly class Outgoing
{
    /**
     * @param array<string, mixed> $document as the open format has it, own ingredients with it
     * @param string $makes how much of it there is, in words: "1.2 L"
     * @param list<string> $notes what to mind of it, each a sentence
     */
    public function __construct(
        public WeighedRecipe $weighed,
        public array $document,
        public string $makes,
        public array $notes = [],
    ) {}
}
