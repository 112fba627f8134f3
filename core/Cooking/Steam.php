<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;

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
 * ln A is integrated over ln W by Runge and Kutta's fourth order, twice: once as far as water alone would have to fall,
 * and once to where that says the sum is met. The end is then differentiated by every line's amount. Halving the step
 * moves the acid left by less than 1e-6 of itself.
 */
final class Steam
{
    /** Of undissociated acetic acid, beside water. */
    public const VOLATILITY = 0.7;

    /** Largest fall in ln(water) taken in one step. */
    private const STEP = 0.5;

    /** The first time, which only has to come close. */
    private const FIRST_STEP = 2.0;

    /** The amount taken off is met to this share of it. */
    private const PRECISION = 1e-13;
    private const MOST_CORRECTIONS = 12;

    private float $ph = 4.0;

    /**
     * @param array<int, float> $totals g of each constituent
     * @param array<int, array<int, float>> $tangents d(totals) / d ln(amount)
     */
    private function __construct(private readonly array $totals, private readonly array $tangents) {}

    /**
     * @param array<int, float> $totals g of each constituent; of water and acetic acid more than 0
     * @param array<int, array<int, float>> $tangents d(totals) / d ln(amount), by what decides it
     * @param float $amount by which the weighted sum falls; less than its water alone
     * @param array<int, float> $amountTangents d(amount) / d ln(amount of the line), by the same
     * @return array{
     *     float,
     *     float,
     *     array<int, float>,
     *     array<int, float>,
     * } water and acetic acid left, g, and their tangents
     */
    public static function off(
        array $totals,
        array $tangents,
        float $amount,
        array $amountTangents,
        float $ofWater,
        float $ofAcetic,
    ): array {
        $water = $totals[Constituent::WATER];
        $acetic = $totals[Constituent::ACETIC];
        $fall = -log(1 - $amount / $ofWater / $water);
        [$change, , $leaving] = (new self($totals, []))->boiled($fall, self::FIRST_STEP);
        [$fall] = self::meet($amount, $water, $acetic, $ofWater, $ofAcetic, $fall, $change, $leaving);
        [$change, $slopes, $leaving] = (new self($totals, $tangents))->boiled($fall, self::STEP);
        [$fall, $change] = self::meet($amount, $water, $acetic, $ofWater, $ofAcetic, $fall, $change, $leaving);
        $waterLeft = $water * exp(-$fall);
        $aceticLeft = $acetic * exp($change);
        $waterTangents = [];
        $aceticTangents = [];
        foreach ($tangents as $source => $tangent) {
            // at the same fall of ln(water); then the fall itself, which meets the amount
            $byWater = ($tangent[Constituent::WATER] * $waterLeft) / $water;
            $byAcetic = $aceticLeft * $slopes[$source];
            $byFall
                = (($amountTangents[$source] ?? 0.0)
                    - $ofWater * ($tangent[Constituent::WATER] - $byWater)
                    - $ofAcetic * ($tangent[Constituent::ACETIC] - $byAcetic))
                / ($ofWater * $waterLeft + $ofAcetic * $leaving * $aceticLeft);
            $waterTangents[$source] = $byWater - $waterLeft * $byFall;
            $aceticTangents[$source] = $byAcetic - $aceticLeft * $leaving * $byFall;
        }

        return [$waterLeft, $aceticLeft, $waterTangents, $aceticTangents];
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
     * Change of ln(acetic acid) as ln(water) falls by so much, its tangents, and k f at the end.
     *
     * @return array{float, array<int, float>, float}
     */
    private function boiled(float $fall, float $most): array
    {
        $change = 0.0;
        $slopes = [];
        foreach ($this->tangents as $source => $tangent) {
            $slopes[$source] = $tangent[Constituent::ACETIC] / $this->totals[Constituent::ACETIC];
        }
        $steps = max(1, (int) ceil($fall / $most));
        $step = $fall / $steps;
        for ($i = 0; $i < $steps; $i++) {
            $first = $this->rate($i * $step, $change, $slopes);
            $second = $this->rate(
                ($i + 0.5) * $step,
                $change - ($first[0] * $step) / 2,
                self::moved($slopes, $first[1], -$step / 2),
            );
            $third = $this->rate(
                ($i + 0.5) * $step,
                $change - ($second[0] * $step) / 2,
                self::moved($slopes, $second[1], -$step / 2),
            );
            $fourth = $this->rate(
                ($i + 1) * $step,
                $change - $third[0] * $step,
                self::moved($slopes, $third[1], -$step),
            );
            $shares = [[$first, 1 / 6], [$second, 1 / 3], [$third, 1 / 3], [$fourth, 1 / 6]];
            foreach ($shares as [[$rate, $rateSlopes], $weight]) {
                $change -= $rate * $step * $weight;
                $slopes = self::moved($slopes, $rateSlopes, -$step * $weight);
            }
        }

        return [$change, $slopes, $this->rate($fall, $change, [])[0]];
    }

    /**
     * k f, and its tangents.
     *
     * @param float $fallen of ln(water) so far
     * @param float $change of ln(acetic acid) so far
     * @param array<int, float> $slopes tangents of ln(acetic acid)
     * @return array{float, array<int, float>}
     */
    private function rate(float $fallen, float $change, array $slopes): array
    {
        $waterLeft = exp(-$fallen);
        $grams = $this->totals;
        $grams[Constituent::WATER] *= $waterLeft;
        $grams[Constituent::ACETIC] *= exp($change);
        $acidity = Acidity::of($grams, $this->ph);
        if ($acidity === null) {
            return [self::VOLATILITY, array_map(static fn (): float => 0.0, $slopes)];
        }
        $this->ph = $acidity->ph;
        $bySlope = self::VOLATILITY * $acidity->aceticSlope();
        $rates = [];
        foreach ($slopes as $source => $slope) {
            $tangent = $this->tangents[$source];
            $rates[$source]
                = $bySlope
                * $acidity->shiftBoiled(
                    $tangent,
                    $tangent[Constituent::WATER] * $waterLeft,
                    $grams[Constituent::ACETIC] * $slope,
                );
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
        foreach ($change as $source => $each) {
            $from[$source] += $by * $each;
        }

        return $from;
    }
}
