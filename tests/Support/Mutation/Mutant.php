<?php

declare(strict_types=1);

namespace Tests\Support\Mutation;

/** One place of one file, changed in one way; of a constant with a name, its name: "Mixture\Brix::INCREMENTS". */
final readonly class Mutant
{
    /** @param list<int> $lines those that are run where the place counts; empty for the whole file */
    public function __construct(
        public string $file,
        public int $line,
        public string $was,
        public string $is,
        public string $code,
        public string $constant,
        public array $lines,
    ) {}

    /** The same place and change, wherever the line has moved to: by which an equivalent one is known. */
    public function key(): string
    {
        return "{$this->file}: {$this->was} → {$this->is}";
    }
}
