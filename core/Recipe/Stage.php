<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** Lines added together, then one process. */
final readonly class Stage
{
    /**
     * @param list<Line> $lines
     * @param array<string, mixed> $extra keys beginning "x-", kept untouched
     * @param float|null $restBetterMinutes a rest it gains from, minutes; null where none is said
     * @param float|null $handsMinutes work at it, minutes; null for the usual
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $lines,
        public ?Process $process = null,
        public ?Strain $strain = null,
        public string $lookFor = '',
        public array $extra = [],
        public ?float $restBetterMinutes = null,
        public ?float $handsMinutes = null,
    ) {}

    /**
     * @param list<Line> $lines
     */
    public function withLines(array $lines): self
    {
        return $this->with($this->id, $lines, $this->process, $this->strain);
    }

    /** The same stage, with what hangs in it lifted out behind it, pressed where it was to be pressed. */
    public function strained(): self
    {
        return $this->with($this->id, $this->lines, $this->process, $this->strain ?? new Strain(0.0));
    }

    /** The same stage by another id. */
    public function called(string $id): self
    {
        return $this->with($id, $this->lines, $this->process, $this->strain);
    }

    /** The same stage of a batch of another size, its lines' amounts left as they are. */
    public function scaled(float $factor): self
    {
        return $this->with($this->id, $this->lines, $this->process?->scaled($factor), $this->strain);
    }

    /** The same stage, done otherwise: for as long, or as far. */
    public function processed(?Process $process): self
    {
        return $this->with($this->id, $this->lines, $process, $this->strain);
    }

    /** The same stage, with nothing lifted out behind it. */
    public function unstrained(): self
    {
        return $this->with($this->id, $this->lines, $this->process, null);
    }

    /**
     * @param list<Line> $lines
     */
    private function with(string $id, array $lines, ?Process $process, ?Strain $strain): self
    {
        return new self(
            $id,
            $this->name,
            $lines,
            $process,
            $strain,
            $this->lookFor,
            $this->extra,
            $this->restBetterMinutes,
            $this->handsMinutes,
        );
    }
}
