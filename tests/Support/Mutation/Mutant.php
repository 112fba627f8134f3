<?php

declare(strict_types=1);

namespace Tests\Support\Mutation;

/** One place of one file, changed in one way; of a constant with a name, its name: "Mixture\Brix::INCREMENTS". */
final readonly class Mutant
{
    public function __construct(
        public string $file,
        public int $line,
        public string $was,
        public string $is,
        public string $code,
        public string $constant,
    ) {}

    /** The same place and change, wherever the line has moved to: by which an equivalent one is known. */
    public function key(): string
    {
        return "{$this->file}: {$this->was} → {$this->is}";
    }
}
