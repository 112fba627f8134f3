<?php

declare(strict_types=1);

namespace Vinculum\Trouble;

use Vinculum\Figure\Sentence;

/** One thing that goes wrong in one stage, why, and what mends it. */
final readonly class Trouble
{
    /**
     * @param string $stage id of the stage it happens in
     * @param bool $isGrave whether the sauce is spoiled by it; else it is only good to know
     * @param Sentence $text what happens, and why
     * @param Sentence $mend what to do, and how it is kept from happening
     * @param string $source whose knowledge it is, or "common practice, no source"; from memory
     */
    public function __construct(
        public Fault $fault,
        public string $stage,
        public bool $isGrave,
        public Sentence $text,
        public Sentence $mend,
        public string $source,
    ) {}
}
