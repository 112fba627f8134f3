<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;

/**
 * Boiling off water, and the acetic acid that leaves with it (Rayleigh distillation): as water W falls, acetic acid A
 * follows
 *
 *     d ln A / d ln W = k f(pH)
 *
 * with k = 0.7 the volatility of the undissociated acid beside water (from memory, dilute solutions at the boil) and f
 * the undissociated share, which moves with the pH as it all concentrates. Citric, malic, lactic and tartaric acid
 * stay. The sum w W + a A falls by a given amount: by mass with w = a = 1, by volume with the millilitres of each gram.
 *
 * ln A is integrated over ln W twice: roughly, by the middle of each step, as far as water alone would have to fall,
 * and by Runge and Kutta's fourth order to where that says the sum is met, once more where that was not close by. The
 * end is then differentiated by every line's amount. Halving the step moves the acid left by less than 1e-6 of itself.
 */
final class Steam
{
    /** Of undissociated acetic acid, beside water. */
    public const VOLATILITY = 0.7;

    /** Largest fall in ln(water) taken in one step. */
    private const STEP = 0.5;

    /** Largest step the first time, which only has to come close: what it misses counts squared. */
    private const ROUGH_STEP = 1.0;

    /** So close by, in ln(water), k f is taken as it is; else it is boiled once more. */
    private const CLOSE_BY = 1e-4;

    /** The amount taken off is met to this share of it. */
    private const PRECISION = 1e-13;
    private const MOST_CORRECTIONS = 12;

    private ?Acidity $acidity;

    /**
     * @param array<int, float> $totals g of each constituent
     * @param float $ph near the one it has
     */
    private function __construct(private readonly array $totals, float $ph)
    {
        $this->acidity = Acidity::of($totals, $ph);
    }

    /**
     * @param array<int, float> $totals g of each constituent; of water and acetic acid more than 0
     * @param array<int, array<int, float>> $tangents d(totals) / d ln(amount), by what decides it
     * @param float $amount by which the weighted sum falls; less than its water alone
     * @param array<int, float> $amountTangents d(amount) / d ln(amount of the line), by the same
     * @param float $ph near the one it has; it only saves time
     * @return array{
     *     float,
     *     float,
     *     array<int, float>,
     *     array<int, float>,
     *     float,
     * } water and acetic acid left, g, their tangents, and about the pH it has then
     */
    public static function off(
        array $totals,
        array $tangents,
        float $amount,
        array $amountTangents,
        float $ofWater,
        float $ofAcetic,
        float $ph = Acidity::ABOUT,
    ): array {
        $water = $totals[Constituent::WATER];
        $acetic = $totals[Constituent::ACETIC];
        $fall = -log(1 - $amount / $ofWater / $water);
        $steam = new self($totals, $ph);
        [$change, $leaving] = $steam->roughly($fall);
        [$fall] = self::meet($amount, $water, $acetic, $ofWater, $ofAcetic, $fall, $change, $leaving);
        $corrections = 0;
        do {
            $was = $fall;
            [$change, $leaving, $gradient]
                = $steam->boiled($fall, [Constituent::ACETIC => 1 / $totals[Constituent::ACETIC]]);
            [$fall, $change] = self::meet($amount, $water, $acetic, $ofWater, $ofAcetic, $fall, $change, $leaving);
        } while (abs($fall - $was) > self::CLOSE_BY && ++$corrections < self::MOST_CORRECTIONS);
        $waterLeft = $water * exp(-$fall);
        $aceticLeft = $acetic * exp($change);
        $waterTangents = [];
        $aceticTangents = [];
        foreach ($tangents as $source => $tangent) {
            // at the same fall of ln(water); then the fall itself, which meets the amount
            $byWater = ($tangent[Constituent::WATER] * $waterLeft) / $water;
            // Mixture::sum(), in place
            $byAcetic = 0.0;
            foreach ($gradient as $constituent => $by) {
                $byAcetic += $by * $tangent[$constituent];
            }
            $byAcetic *= $aceticLeft;
            $byFall
                = (($amountTangents[$source] ?? 0.0)
                    - $ofWater * ($tangent[Constituent::WATER] - $byWater)
                    - $ofAcetic * ($tangent[Constituent::ACETIC] - $byAcetic))
                / ($ofWater * $waterLeft + $ofAcetic * $leaving * $aceticLeft);
            $waterTangents[$source] = $byWater - $waterLeft * $byFall;
            $aceticTangents[$source] = $byAcetic - $aceticLeft * $leaving * $byFall;
        }

        return [$waterLeft, $aceticLeft, $waterTangents, $aceticTangents, $steam->acidity->ph ?? $ph];
    }

    /**
     * How far ln(water) falls to meet the amount, with k f taken as it is where the integration ended, which was close
     * by.
     *
     * @return array{float, float} the fall, and the change of ln(acetic acid)
     */
    private static function meet(
        float $amount,
        float $water,
        float $acetic,
        float $ofWater,
        float $ofAcetic,
        float $fall,
        float $change,
        float $leaving,
    ): array {
        for ($i = 0; $i < self::MOST_CORRECTIONS; $i++) {
            $waterLeft = $water * exp(-$fall);
            $aceticLeft = $acetic * exp($change);
            $short = $amount - $ofWater * ($water - $waterLeft) - $ofAcetic * ($acetic - $aceticLeft);
            $step = $short / ($ofWater * $waterLeft + $ofAcetic * $leaving * $aceticLeft);
            $fall += $step;
            $change -= $leaving * $step;
            if (abs($short) < self::PRECISION * $amount) {
                break;
            }
        }

        return [$fall, $change];
    }

    /**
     * Change of ln(acetic acid) as ln(water) falls by so much, and k f near the end.
     *
     * @return array{float, float}
     */
    private function roughly(float $fall): array
    {
        $change = 0.0;
        $middle = 0.0;
        $steps = max(1, (int) ceil($fall / self::ROUGH_STEP));
        $step = $fall / $steps;
        for ($i = 0; $i < $steps; $i++) {
            [$first] = $this->rate($i * $step, $change, []);
            [$middle] = $this->rate(($i + 0.5) * $step, $change - ($first * $step) / 2, []);
            $change -= $middle * $step;
        }

        return [$change, $middle];
    }

    /**
     * Change of ln(acetic acid) as ln(water) falls by so much, k f at the end, and how ln(acetic acid) answers to a
     * gram more of each constituent before it boiled: the equation is linear in that, so that one gradient serves for
     * every line.
     *
     * @param array<int, float> $gradient at the start, by Constituent
     * @return array{float, float, array<int, float>}
     */
    private function boiled(float $fall, array $gradient): array
    {
        $change = 0.0;
        $steps = max(1, (int) ceil($fall / self::STEP));
        $step = $fall / $steps;
        for ($i = 0; $i < $steps; $i++) {
            $first = $this->rate($i * $step, $change, $gradient);
            $second = $this->rate(
                ($i + 0.5) * $step,
                $change - ($first[0] * $step) / 2,
                self::moved($gradient, $first[1], -$step / 2),
            );
            $third = $this->rate(
                ($i + 0.5) * $step,
                $change - ($second[0] * $step) / 2,
                self::moved($gradient, $second[1], -$step / 2),
            );
            $fourth = $this->rate(
                ($i + 1) * $step,
                $change - $third[0] * $step,
                self::moved($gradient, $third[1], -$step),
            );
            $change -= ($step / 6) * ($first[0] + 2 * $second[0] + 2 * $third[0] + $fourth[0]);
            foreach ($first[1] as $constituent => $each) {
                // from where it is nearly dry on, none is counted
                $each += 2 * ($second[1][$constituent] ?? 0.0)
                    + 2 * ($third[1][$constituent] ?? 0.0)
                    + ($fourth[1][$constituent] ?? 0.0);
                $gradient[$constituent] = ($gradient[$constituent] ?? 0.0) - ($step / 6) * $each;
            }
        }

        return [$change, $this->rate($fall, $change, [])[0], $gradient];
    }

    /**
     * k f, and its gradient.
     *
     * @param float $fallen of ln(water) so far
     * @param float $change of ln(acetic acid) so far
     * @param array<int, float> $gradient of ln(acetic acid) so far, by Constituent; none where none is asked for
     * @return array{float, array<int, float>}
     */
    private function rate(float $fallen, float $change, array $gradient): array
    {
        $waterLeft = exp(-$fallen);
        $acetic = $this->totals[Constituent::ACETIC] * exp($change);
        $acidity = $this->acidity?->boiled($this->totals[Constituent::WATER] * $waterLeft, $acetic);
        if ($acidity === null) {
            return [self::VOLATILITY, []];
        }
        // near the next one
        $this->acidity = $acidity;
        $rates = [];
        if ($gradient !== []) {
            $byShift = (self::VOLATILITY * $acidity->aceticSlope()) / $acidity->buffer;
            $weights = $acidity->ownSurplusWeights();
            $byAcetic = $acetic * $weights[Constituent::ACETIC];
            $weights[Constituent::ACETIC] = 0.0;
            $weights[Constituent::WATER] *= $waterLeft;
            foreach ($weights as $constituent => $weight) {
                $rates[$constituent] = $byShift * ($weight + $byAcetic * ($gradient[$constituent] ?? 0.0));
            }
        }

        return [self::VOLATILITY * $acidity->acetic(), $rates];
    }

    /**
     * @param array<int, float> $from
     * @param array<int, float> $change
     * @return array<int, float>
     */
    private static function moved(array $from, array $change, float $by): array
    {
        foreach ($change as $constituent => $each) {
            $from[$constituent] = ($from[$constituent] ?? 0.0) + $by * $each;
        }

        return $from;
    }
}
