<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** Lines added together, then one process. */
final readonly class Stage
{
    /**
     * @param list<Line> $lines
     * @param array<string, mixed> $extra keys beginning "x-", kept untouched
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $lines,
        public ?Process $process = null,
        public ?Strain $strain = null,
        public string $lookFor = '',
        public array $extra = [],
    ) {}

    /**
     * @param list<Line> $lines
     */
    public function withLines(array $lines): self
    {
        return new self($this->id, $this->name, $lines, $this->process, $this->strain, $this->lookFor, $this->extra);
    }

    /** The same stage, with what hangs in it lifted out behind it, pressed where it was to be pressed. */
    public function strained(): self
    {
        $strain = $this->strain ?? new Strain(0.0);

        return new self($this->id, $this->name, $this->lines, $this->process, $strain, $this->lookFor, $this->extra);
    }

    /** The same stage by another id. */
    public function called(string $id): self
    {
        return new self($id, $this->name, $this->lines, $this->process, $this->strain, $this->lookFor, $this->extra);
    }

    /** The same stage of a batch of another size, its lines' amounts left as they are. */
    public function scaled(float $factor): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->lines,
            $this->process?->scaled($factor),
            $this->strain,
            $this->lookFor,
            $this->extra,
        );
    }
}
