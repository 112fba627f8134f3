<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Figure\Sentence;

/** One line of a scaled batch: what it should be, and what a spoon or scale makes of it. */
final readonly class ScaledLine
{
    /**
     * @param string|null $text the new amount as written; null for a line that follows another
     */
    public function __construct(
        public string $id,
        public float $exactG,
        public float $roundedG,
        public ?string $text,
        public Sentence $note,
    ) {}
}
