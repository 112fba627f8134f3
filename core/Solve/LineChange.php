<?php

declare(strict_types=1);

namespace Vinculum\Solve;

use Vinculum\Figure\Sentence;

/** One line before and after. */
final readonly class LineChange
{
    /**
     * @param string|null $text the new amount as written; null for a line that follows another
     * @param Sentence $why what it does
     */
    public function __construct(
        public string $id,
        public float $beforeG,
        public float $afterG,
        public ?string $text,
        public Sentence $why,
    ) {}
}
