<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Amount\Spread;
use Vinculum\Figure\Figure;
use Vinculum\Stove\Instruments\Instrument;

/** What an instrument said of one batch, and how far it may be off. */
final readonly class Reading
{
    /** Lowest and highest that can be, and the unit: what is beyond is a slip of the finger. */
    public const POSSIBLE = [
        'ph' => [...Instrument::POSSIBLE['ph'], ''],
        'brix' => [...Instrument::POSSIBLE['brix'], '°Brix'],
        'salt' => [0.0, 30.0, 'g in 100 g'],
        'mass' => [...Instrument::POSSIBLE['mass'], 'g'],
    ];

    /**
     * Half-widths of the four-in-five interval: a meter calibrated with two buffers, one that was not, strips;
     * judgement.
     */
    private const PH = ['calibrated' => 0.05, 'uncalibrated' => 0.3, 'strips' => 0.5];

    private const BRIX = 0.5;

    /** A salt meter, share of what it reads; judgement. */
    private const SALT = 0.1;

    /** The last place of a salt meter, g in 100 g: nobody knows salt better, least of all where it reads 0. */
    private const SALT_DIGIT = 0.1;

    /**
     * A hot sauce is not at the temperature the instrument was made for, and one that has not rested is not one liquid
     * yet.
     */
    private const HOT = 2.0;

    private const UNRESTED = 1.5;

    /**
     * @param key-of<self::POSSIBLE> $kind
     * @param float $value pH, °Brix, g salt per 100 g, or g
     * @param key-of<self::PH> $instrument only a calibrated one decides anything
     *
     * @throws InvalidReading where there can be no such value
     */
    public function __construct(
        public string $kind,
        public float $value,
        public bool $isHot = false,
        public bool $isRested = true,
        public string $instrument = 'calibrated',
    ) {
        [$least, $most] = self::POSSIBLE[$kind];
        if (is_nan($value) || $value < $least || $value > $most) {
            throw InvalidReading::outOfRange($kind, $value);
        }
    }

    /** Half-width, in the unit of the reading. */
    public function halfWidth(): float
    {
        $cold = match ($this->kind) {
            'ph' => self::PH[$this->instrument],
            'brix' => self::BRIX,
            'salt' => max(self::SALT_DIGIT, self::SALT * $this->value),
            'mass' => Spread::SCALE_STEP_G,
        };

        return $cold
            * ($this->isHot && $this->kind !== 'mass' ? self::HOT : 1.0)
            * ($this->isRested || $this->kind === 'mass' ? 1.0 : self::UNRESTED);
    }

    /** Whether it may quiet a caution: a calibrated instrument on a rested sample at room temperature. */
    public function decides(): bool
    {
        return $this->instrument === 'calibrated' && ! $this->isHot && $this->isRested;
    }

    /**
     * Several readings of one thing: their mean, weighted by how well each is known. An instrument's own error does not
     * average away, so the spread is never narrower than that of the best of them, and where they disagree it holds
     * them all.
     *
     * @param non-empty-list<self> $readings of one kind
     */
    public static function together(array $readings): Figure
    {
        $sum = 0.0;
        $weights = 0.0;
        foreach ($readings as $reading) {
            $weight = 1 / $reading->halfWidth() ** 2;
            $sum += $weight * $reading->value;
            $weights += $weight;
        }
        $mean = $sum / $weights;
        $apart = array_map(static fn (self $reading): float => abs($reading->value - $mean), $readings);
        $best = min(array_map(static fn (self $reading): float => $reading->halfWidth(), $readings));

        return Figure::even($mean, max($best, ...$apart), self::POSSIBLE[$readings[0]->kind][2]);
    }

    /** The estimate moved to what was measured: the mean of both, weighted by how well each is known. */
    public static function moves(Figure $estimate, Figure $measured): Figure
    {
        $half = ($estimate->high() - $estimate->low()) / 2;
        if ($half <= 0.0) {
            return $estimate;
        }
        $weight = $half ** 2 / ($half ** 2 + $measured->spread ** 2);

        return Figure::even(
            $estimate->value + $weight * ($measured->value - $estimate->value),
            ($half * $measured->spread) / sqrt($half ** 2 + $measured->spread ** 2),
            $estimate->unit,
        );
    }
}
