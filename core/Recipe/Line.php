<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** One ingredient and its amount, as the maker wrote it. */
final readonly class Line
{
    /**
     * @param string|null $amount as written; null only with a tie
     * @param string|null $prep names a portion ("packed", "minced", "juice of")
     * @param float $extent how far a steeped line is exchanged with the sauce, 0 to 1
     * @param float $lossPercent water lost before it went in, per cent of its mass
     * @param float|null $minG bound for the solver, grams
     * @param float|null $maxG bound for the solver, grams
     * @param array<string, mixed> $extra keys beginning "x-", kept untouched
     */
    public function __construct(
        public string $id,
        public string $ingredient,
        public ?string $amount,
        public ?string $prep = null,
        public Handling $handling = Handling::In,
        public float $extent = 1.0,
        public float $lossPercent = 0.0,
        public ?Tie $tie = null,
        public bool $lock = false,
        public ?float $minG = null,
        public ?float $maxG = null,
        public bool $optional = false,
        public bool $leftOut = false,
        public string $note = '',
        public array $extra = [],
    ) {}

    /** The same line, which now goes in as much as another does. */
    public function tiedTo(Tie $tie): self
    {
        return $this->with(null, $this->handling, $tie);
    }

    /** The same line, lifted out again or left in. */
    public function handled(Handling $handling): self
    {
        return $this->with($this->amount, $handling, $this->tie);
    }

    /** The same line under another id. */
    public function called(string $id): self
    {
        return $this->with($this->amount, $this->handling, $this->tie, id: $id);
    }

    /** The same line with an amount of its own. */
    public function withAmount(string $amount): self
    {
        return $this->scaled($amount, 1.0);
    }

    /** The same line of a batch of another size, with its amount written anew. */
    public function scaled(?string $amount, float $factor): self
    {
        return $this->with($amount, $this->handling, $this->tie, $factor);
    }

    /** The same line, which the solver may move so far. */
    public function between(float $leastG, float $mostG): self
    {
        return $this->bound($this->lock, $leastG, $mostG);
    }

    /** Another thing in its place, as much of it where nothing else is said. */
    public function instead(string $ingredient, ?string $amount): self
    {
        return new self(
            $this->id,
            $ingredient,
            $amount ?? $this->amount,
            null,
            $this->handling,
            $this->extent,
            $this->lossPercent,
            $amount === null ? $this->tie : null,
            optional: $this->optional,
            note: $this->note,
            extra: $this->extra,
        );
    }

    /** All that was written of it. */
    public function words(): string
    {
        return implode(' ', [$this->amount, $this->ingredient, $this->prep]);
    }

    /** Free to move again, and anywhere. */
    public function unbound(): self
    {
        return $this->bound(false, null, null);
    }

    /** The same line, which the solver may not move, or may again. */
    public function locked(bool $lock): self
    {
        return $this->bound($lock, $this->minG, $this->maxG);
    }

    private function bound(bool $lock, ?float $minG, ?float $maxG): self
    {
        return new self(
            $this->id,
            $this->ingredient,
            $this->amount,
            $this->prep,
            $this->handling,
            $this->extent,
            $this->lossPercent,
            $this->tie,
            $lock,
            $minG,
            $maxG,
            $this->optional,
            $this->leftOut,
            $this->note,
            $this->extra,
        );
    }

    private function with(
        ?string $amount,
        Handling $handling,
        ?Tie $tie,
        float $factor = 1.0,
        ?string $id = null,
    ): self {
        return new self(
            $id ?? $this->id,
            $this->ingredient,
            $amount,
            $this->prep,
            $handling,
            $this->extent,
            $this->lossPercent,
            $tie,
            $this->lock,
            $this->minG === null ? null : $this->minG * $factor,
            $this->maxG === null ? null : $this->maxG * $factor,
            $this->optional,
            $this->leftOut,
            $this->note,
            $this->extra,
        );
    }
}
