<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Cooking\Hob;
use Vinculum\Figure\Figure;

/**
 * A pot that boils down, followed by what is weighed of it.
 *
 * While it boils, m(t) = m₀ + in(t) − k (t − t₀): k grams a minute, t₀ when it came to the boil, in(t) what was put in
 * since. Unknown are the line's height at t = 0, A = m₀ + k t₀, and its slope k; both are Gaussian, and a weighing is
 * linear in them, so that each brings the posterior up to date in closed form (Bayes; any textbook on linear Gaussian
 * models). k before any weighing: what the hob's table or its own history says, a logarithmic spread.
 *
 * Minutes count from when the heat went on. Grams are of the sauce without its pan.
 */
final readonly class Reduction
{
    /** How far the time it came to the boil may be off where nobody said, as a share of the heating; judgement. */
    private const HEATING_SPREAD = 0.3;

    /** How far it may be off where somebody said so, minutes: standard deviation; judgement. */
    private const BOILS_SEEN = 0.7;

    /** No hob repeats itself better than this: standard deviation of k from one day to the next, share; judgement. */
    private const REPEATS = 0.04;

    /** Share of what was thought of the hob that it takes off at the least: nothing boils upwards; judgement. */
    private const LEAST_RATE = 0.05;

    /**
     * @param float $height A, g
     * @param float $rate k, g a minute
     * @param float $heightVariance g²
     * @param float $rateVariance (g/min)²
     * @param float $together covariance, g²/min
     * @param float $boilsAt t₀, minutes
     */
    private function __construct(
        public float $rate,
        public float $boilsAt,
        private float $height,
        private float $heightVariance,
        private float $rateVariance,
        private float $together,
        private float $rateSpread,
        public int $weighings,
    ) {}

    /**
     * @param float $grams in the pot when the heat goes on
     * @param float $gramsSpread half-width in ln of its four-in-five interval
     * @param Figure $rate g a minute, even in its logarithm
     * @param float $boilsAt minutes until it boils
     * @param bool $wasSeen whether somebody said that it boils; otherwise it is what the hob's power gives
     */
    public static function begins(float $grams, float $gramsSpread, Figure $rate, float $boilsAt, bool $wasSeen): self
    {
        $k = $rate->value;
        $rateVariance = ($k * $rate->spread / Figure::HALF_WIDTHS) ** 2;
        $massVariance = ($grams * $gramsSpread / Figure::HALF_WIDTHS) ** 2;
        $boilsVariance = ($wasSeen ? self::BOILS_SEEN : self::HEATING_SPREAD * $boilsAt) ** 2;

        return new self(
            $k,
            $boilsAt,
            $grams + $k * $boilsAt,
            $massVariance + $boilsAt ** 2 * $rateVariance + $k ** 2 * $boilsVariance,
            $rateVariance,
            $boilsAt * $rateVariance,
            $rate->spread,
            0,
        );
    }

    /**
     * What it says now that it was weighed.
     *
     * @param float $minute since the heat went on
     * @param float $grams of sauce, less what was put in since the heat went on
     * @param float $halfWidth g, four times in five
     */
    public function weighed(float $minute, float $grams, float $halfWidth): self
    {
        // before it boils, a weighing tells what went in and nothing of the hob
        $t = max($minute, $this->boilsAt);
        $noise = ($halfWidth / Figure::HALF_WIDTHS) ** 2;
        $ofHeight = $this->heightVariance - $t * $this->together;
        $ofRate = $this->together - $t * $this->rateVariance;
        $variance = $ofHeight - $t * $ofRate + $noise;
        $surprise = $grams - ($this->height - $t * $this->rate);
        $gainHeight = $ofHeight / $variance;
        $gainRate = $ofRate / $variance;
        $rate = $this->rate + $gainRate * $surprise;

        return new self(
            max(self::LEAST_RATE * $this->rate, $rate),
            $this->boilsAt,
            $this->height + $gainHeight * $surprise,
            $this->heightVariance - $gainHeight * $ofHeight,
            $this->rateVariance - $gainRate * $ofRate,
            $this->together - $gainHeight * $ofRate,
            $this->rateSpread,
            $this->weighings + 1,
        );
    }

    /** Grams of sauce at a minute, less what was put in since. */
    public function at(float $minute): Figure
    {
        $t = max($minute, $this->boilsAt);
        $variance = $this->heightVariance - 2 * $t * $this->together + $t ** 2 * $this->rateVariance;

        return Figure::even(
            max(0.0, $this->height - $t * $this->rate),
            Figure::HALF_WIDTHS * sqrt(max(0.0, $variance)),
            'g',
        );
    }

    /**
     * Minutes from now until so many grams are left; 0 where it is there. Its interval is even in its logarithm.
     *
     * @param float $stop g of sauce, less what was put in since the heat went on
     */
    public function minutesTo(float $stop, float $now): Figure
    {
        $t = max($now, $this->boilsAt);
        $left = $this->height - $t * $this->rate - $stop;
        if ($left <= 0.0) {
            return new Figure(0.0, 0.0, 'min');
        }
        $boiling = $left / $this->rate;
        // d(minutes) by height is 1/k, by rate −(minutes since zero)/k
        $ends = $t + $boiling;
        $variance
            = ($this->heightVariance - 2 * $ends * $this->together + $ends ** 2 * $this->rateVariance)
            / $this->rate ** 2;
        $minutes = $boiling + $t - $now;

        return new Figure($minutes, Figure::HALF_WIDTHS * sqrt(max(0.0, $variance)) / $minutes, 'min');
    }

    /** What this hob takes off, g a minute, for the next time: never surer of itself than hobs are. */
    public function learned(): Figure
    {
        return new Figure(
            $this->rate,
            min(
                $this->rateSpread,
                max(Figure::HALF_WIDTHS * self::REPEATS, Figure::HALF_WIDTHS * sqrt($this->rateVariance) / $this->rate),
            ),
            'g/min',
        );
    }

    /** What the table says of a hob nobody has weighed a pot on. */
    public static function ofTable(float $gramsPerMinute): Figure
    {
        return new Figure($gramsPerMinute, Hob::SPREAD, 'g/min');
    }
}
