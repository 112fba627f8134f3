<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Cooking\StageReport;
use Vinculum\Figure\Figure;

/**
 * One stage's pot boiling down: where it is, where it stops, and what was weighed of it. Minutes count from when the
 * cook began.
 */
final readonly class Followed
{
    /** Share of the sauce from which being past the stop is worth a word; judgement. */
    private const WORTH_SAYING = 0.015;

    /** Share of the pot from which a weight is so far from what is thought that it is asked about; judgement. */
    private const IMPROBABLE = 0.25;

    /**
     * @param Reduction $reduction its minutes count from when the heat went on
     * @param StageReport $report the stage as it would go by itself
     * @param float $began minute the heat went on
     * @param float $stop g of sauce at the stop, all that was put in included
     * @param float $massIn g when the heat went on
     * @param list<array{minute: float, grams: float, text: string}> $points weighed, all that was put in included
     * @param list<array{minute: float, grams: float}> $puts what was put in since, and when
     * @param float|null $pan g of the empty pan, told or worked out; null where nothing says
     * @param float|null $clock minute it ends by the clock; null where it goes by how far
     */
    public function __construct(
        public Reduction $reduction,
        public StageReport $report,
        public float $began,
        public float $stop,
        public float $massIn,
        public array $points,
        public array $puts,
        public ?float $pan,
        public ?float $clock,
        public bool $boils,
    ) {}

    /**
     * The same, with what its readings say.
     *
     * @param list<array{minute: float, grams: float, text: string}> $points
     */
    public function weighed(Reduction $reduction, array $points, ?float $pan): self
    {
        return new self(
            $reduction,
            $this->report,
            $this->began,
            $this->stop,
            $this->massIn,
            $points,
            $this->puts,
            $pan,
            $this->clock,
            $this->boils,
        );
    }

    /** g that was put in between the heat and a minute. */
    public function putBy(float $minute): float
    {
        $sum = 0.0;
        foreach ($this->puts as $put) {
            $sum += $put['minute'] <= $minute + 1e-9 ? $put['grams'] : 0.0;
        }

        return $sum;
    }

    /** g of sauce at a minute. */
    public function at(float $minute): Figure
    {
        $dry = $this->reduction->at($minute - $this->began);

        return Figure::even($dry->value + $this->putBy($minute), $dry->spread, 'g');
    }

    /** Minutes from now to the stop. */
    public function more(float $now): Figure
    {
        return $this->reduction->minutesTo($this->stop - $this->putBy($now), $now - $this->began);
    }

    /** g below the stop by more than what is unsure; 0 where it is not past it. */
    public function past(float $now): float
    {
        $at = $this->at($now);

        $past = $this->stop - $at->value;

        return $at->high() < $this->stop && $past >= self::WORTH_SAYING * $this->stop ? $past : 0.0;
    }

    /** Whether so many grams of sauce can hardly be what is in the pot. */
    public function isImprobable(float $grams, float $minute): bool
    {
        $at = $this->at($minute);

        return abs($grams - $at->value) > max(self::IMPROBABLE * $at->value, 3 * $at->spread);
    }
}
