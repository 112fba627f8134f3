<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Figure\Sentence;
use Vinculum\Solve\Addition;

/** One line that stood in the way, and what takes its place. */
final readonly class FreedLine
{
    /**
     * @param string $line its id
     * @param string $name what it was
     * @param list<Addition> $with
     * @param list<string> $lines ids of the lines these stand on in the recipe
     * @param string $why what it stood in the way of
     * @param list<Sentence> $notes
     */
    public function __construct(
        public string $line,
        public string $name,
        public array $with,
        public array $lines,
        public string $why,
        public array $notes,
    ) {}
}
