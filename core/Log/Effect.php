<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Figure\Figure;

/** What one change did to how well a sauce is liked. */
final readonly class Effect
{
    /**
     * @param int $in the try it was first made in
     * @param Figure $likings points of nine, four times in five
     * @param bool $isKnown whether the tries say anything of it
     * @param list<Change> $with what moved whenever it did, so that nobody can tell them apart
     */
    public function __construct(
        public Change $change,
        public int $in,
        public Figure $likings,
        public bool $isKnown,
        public array $with,
    ) {}
}
