<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Ends;

/** One making of a recipe as it was asked for: how much, what is set apart of it, and how it ends. */
final readonly class Making
{
    /** Of a container, left free where nobody says otherwise, per cent. */
    public const HEADSPACE = 5.0;

    /**
     * @param string $to how much, as ScaleTarget reads it; empty for as it is written
     * @param float $headspacePercent of each container left empty, 0 to 50
     * @param string $portions as Division reads them; empty for none
     * @param Ends|null $ends null for what is usual of such a sauce
     */
    public function __construct(
        public string $to = '',
        public float $headspacePercent = self::HEADSPACE,
        public string $portions = '',
        public ?Ends $ends = null,
    ) {}

    /** Whether nothing is asked but what the recipe says. */
    public function isAsWritten(): bool
    {
        return in_array(trim($this->to), ['', '1x'], true);
    }

    /** mL that go into a container of so many, below its rim. */
    public function filled(float $millilitres): float
    {
        return $millilitres * (1 - $this->headspacePercent / 100);
    }

    /**
     * The containers it was asked in, as what is made goes into them; null where none were.
     *
     * @param Evaluation $made in the amounts of this making
     * @return array{count: int, volume_ml: float, fill_ml: float, full: int, left_ml: float}|null
     */
    public function containers(Evaluation $made): ?array
    {
        try {
            $target = $this->isAsWritten() ? null : ScaleTarget::parse($this->to, $made->recipe->measures);
        } catch (UnreachableTarget) {
            return null;
        }

        return $target === null || $target->containers < 1 || $target->isPeople
            ? null
            : Filling::of(
                $target->containers,
                (float) $target->millilitres,
                $this->filled((float) $target->millilitres),
                $made->estimates->volume()->value,
            );
    }
}
