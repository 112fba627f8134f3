<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Amount\Spread;
use Vinculum\Figure\Figure;

/** What an instrument said of one batch, and how far it may be off. */
final readonly class Reading
{
    public const KINDS = ['ph', 'brix', 'salt', 'mass'];

    /** Half-widths of the four-in-five interval: a meter calibrated with two buffers, a hand refractometer; judgement. */
    private const PH = 0.05;
    private const BRIX = 0.5;

    /** A salt meter, share of what it reads; judgement. */
    private const SALT = 0.1;

    /** A hot sauce is not at the temperature the instrument was made for, and one that has not rested is not one liquid yet. */
    private const HOT = 2.0;
    private const UNRESTED = 1.5;

    /**
     * @param value-of<self::KINDS> $kind
     * @param float $value pH, °Brix, g salt per 100 g, or g
     */
    public function __construct(public string $kind, public float $value, public bool $isHot, public bool $isRested) {}

    /** Half-width, in the unit of the reading. */
    public function halfWidth(): float
    {
        $cold = match ($this->kind) {
            'ph' => self::PH,
            'brix' => self::BRIX,
            'salt' => self::SALT * $this->value,
            'mass' => Spread::SCALE_STEP_G,
        };

        return $cold * ($this->isHot && $this->kind !== 'mass' ? self::HOT : 1.0) * ($this->isRested || $this->kind === 'mass' ? 1.0 : self::UNRESTED);
    }

    /** The estimate moved to the reading and narrowed: the mean of both, weighted by how well each is known. */
    public function moves(Figure $estimate): Figure
    {
        $half = ($estimate->high() - $estimate->low()) / 2;
        $own = $this->halfWidth();
        if ($half <= 0.0) {
            return $estimate;
        }
        $weight = $half ** 2 / ($half ** 2 + $own ** 2);

        return Figure::even($estimate->value + $weight * ($this->value - $estimate->value), $half * $own / sqrt($half ** 2 + $own ** 2), $estimate->unit);
    }
}
