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
 * So ln A is followed as their sum R falls, from all of it to exactly what is to be left, and whatever of it is no
 * acid is water:
 *
 *     d ln A / d ln R = k f R / (w W + a k f A)
 *
 * by Dormand and Prince's pair of fourth and fifth order, whose difference sets the step (J. Comput. Appl. Math. 6
 * (1980) 19, from memory): a boil in two goes is a boil in one. How the end answers to every line's amount wants no
 * such precision: it is carried along the same steps by Runge and Kutta's fourth order.
 */
final class Steam
{
    /** Of undissociated acetic acid, beside water. */
    public const VOLATILITY = 0.7;

    /** What a step may be off in ln(acetic acid), the first step tried in ln(R), and the most one may be. */
    private const TOLERANCE = 3e-10;
    private const FIRST_STEP = 0.3;
    private const LONGEST_STEP = 0.5;

    /** How a step grows and shrinks at the most, and what is taken of the one that would just do. */
    private const GROWS = 4.0;
    private const SHRINKS = 0.2;
    private const CAUTIOUS = 0.9;

    /** Dormand and Prince: where each stage is asked, and from what. */
    private const STAGES = [
        [1 / 5, [1 / 5]],
        [3 / 10, [3 / 40, 9 / 40]],
        [4 / 5, [44 / 45, -56 / 15, 32 / 9]],
        [8 / 9, [19372 / 6561, -25360 / 2187, 64448 / 6561, -212 / 729]],
        [1.0, [9017 / 3168, -355 / 33, 46732 / 5247, 49 / 176, -5103 / 18656]],
        [1.0, [35 / 384, 0.0, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84]],
    ];

    /** The fifth order less the fourth. */
    private const DIFFERENCE = [71 / 57600, 0.0, -71 / 16695, 71 / 1920, -17253 / 339200, 22 / 525, -1 / 40];

    private Acidity $acidity;

    /**
     * @param array<int, float> $totals g of each constituent
     * @param float $ph near the one it has
     */
    private function __construct(
        private readonly array $totals,
        private readonly float $ofWater,
        private readonly float $ofAcetic,
        float $ph,
    ) {
        $this->acidity = Acidity::inSteam($totals, $ph);
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
        $steam = new self($totals, $ofWater, $ofAcetic, $ph);
        [$change, $leaving, $gradient] = $steam->boiled($amount, $tangents !== []);
        $aceticLeft = $acetic * exp($change);
        $waterLeft = $water - ($amount - $ofAcetic * ($acetic - $aceticLeft)) / $ofWater;
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

        return [$waterLeft, $aceticLeft, $waterTangents, $aceticTangents, $steam->acidity->ph];
    }

    /**
     * The change of ln(acetic acid) when so much is off, k f then, and how ln(acetic acid) answers to a gram more of
     * each constituent before it boiled, at the same fall of ln(water): that equation is linear, so that one gradient
     * serves for every line.
     *
     * @return array{float, float, array<int, float>}
     */
    private function boiled(float $amount, bool $withGradient): array
    {
        $water = $this->totals[Constituent::WATER];
        $sum = $this->ofWater * $water + $this->ofAcetic * $this->totals[Constituent::ACETIC];
        $way = -log(1 - $amount / $sum);
        $change = $gone = 0.0;
        $gradient = [Constituent::ACETIC => 1 / $this->totals[Constituent::ACETIC]];
        $leaving = self::VOLATILITY * $this->acidity->acetic();
        $answer = $withGradient ? $this->answers($water, $change) : null;
        $step = min($way, self::FIRST_STEP);
        while (true) {
            $isLast = $gone + $step >= $way;
            [$nextWater, $nextChange, $nextLeaving, $off]
                = $this->step($sum, $water, $change, $leaving, $isLast ? $way - $gone : $step);
            $grows = $off > 0.0 ? self::CAUTIOUS * ($off / self::TOLERANCE) ** -0.2 : self::GROWS;
            if ($off <= self::TOLERANCE) {
                if ($answer !== null) {
                    $end = $this->acidity;
                    [$gradient, $answer] = $this->carried(
                        $gradient,
                        $answer,
                        [$water, $change, $leaving],
                        [$nextWater, $nextChange, $nextLeaving],
                    );
                    $this->acidity = $end;
                }
                $gone += $step;
                $sum *= exp(-$step);
                [$water, $change, $leaving] = [$nextWater, $nextChange, $nextLeaving];
                if ($isLast) {
                    return [$change, $leaving, $gradient];
                }
            }
            $step = min($step * max(self::SHRINKS, min(self::GROWS, $grows)), self::LONGEST_STEP);
        }
    }

    /**
     * One step of Dormand and Prince over the fall of ln of the sum.
     *
     * @param float $sum of water and acetic acid before it
     * @param float $water g before it
     * @param float $change of ln(acetic acid) before it
     * @param float $leaving k f before it
     * @return array{float, float, float, float} water, change and k f behind it, and how far off the change may be
     */
    private function step(float $sum, float $water, float $change, float $leaving, float $by): array
    {
        $acetic = $this->totals[Constituent::ACETIC] * exp($change);
        /** @var array<int, float> $falls of ln(acetic acid), at each stage */
        $falls = [$leaving * $sum / ($this->ofWater * $water + $this->ofAcetic * $leaving * $acetic)];
        $next = $change;
        foreach (self::STAGES as [$at, $from]) {
            $fallen = 0.0;
            foreach ($from as $j => $weight) {
                $fallen += $weight * $falls[$j];
            }
            // the last of them is the fifth order itself
            $next = $change - $by * $fallen;
            $acetic = $this->totals[Constituent::ACETIC] * exp($next);
            $left = $sum * exp(-$at * $by);
            $water = ($left - $this->ofAcetic * $acetic) / $this->ofWater;
            $this->acidity = $this->acidity->boiled($water, $acetic);
            $leaving = self::VOLATILITY * $this->acidity->acetic();
            $falls[] = $leaving * $left / ($this->ofWater * $water + $this->ofAcetic * $leaving * $acetic);
        }
        $off = 0.0;
        foreach (self::DIFFERENCE as $j => $weight) {
            $off += $weight * $falls[$j];
        }

        return [$water, $next, $leaving, $by * abs($off)];
    }

    /**
     * The gradient of ln(acetic acid) carried on over one step, whose middle is found between its ends.
     *
     * @param array<int, float> $gradient by Constituent
     * @param array{array<int, float>, float} $answer as answers() has it at the beginning
     * @param array{float, float, float} $from water, change and k f at the beginning
     * @param array{float, float, float} $to ... and at the end, where the acidity is
     * @return array{array<int, float>, array{array<int, float>, float}} the gradient, and the answer at the end
     */
    private function carried(array $gradient, array $answer, array $from, array $to): array
    {
        $atEnd = $this->answers($to[0], $to[1]);
        $by = log($from[0] / $to[0]);
        // Hermite's cubic: d ln A / d (fall of ln W) is −k f
        $change = ($from[1] + $to[1]) / 2 + ($by * ($to[2] - $from[2])) / 8;
        $water = sqrt($from[0] * $to[0]);
        $this->acidity = $this->acidity->boiled($water, $this->totals[Constituent::ACETIC] * exp($change));
        $between = $this->answers($water, $change);
        foreach ($answer[0] as $constituent => $first) {
            $was = $gradient[$constituent] ?? 0.0;
            $one = $first + $answer[1] * $was;
            $two = $between[0][$constituent] + $between[1] * ($was - ($by / 2) * $one);
            $three = $between[0][$constituent] + $between[1] * ($was - ($by / 2) * $two);
            $four = $atEnd[0][$constituent] + $atEnd[1] * ($was - $by * $three);
            $gradient[$constituent] = $was - ($by / 6) * ($one + 2 * $two + 2 * $three + $four);
        }

        return [$gradient, $atEnd];
    }

    /**
     * d (k f) by a gram of each constituent before it boiled, and by ln(acetic acid) as it is now.
     *
     * @return array{array<int, float>, float}
     */
    private function answers(float $water, float $change): array
    {
        $byShift = (self::VOLATILITY * $this->acidity->aceticSlope()) / $this->acidity->buffer;
        $weights = $this->acidity->ownSurplusWeights();
        $byAcetic = $byShift * $this->totals[Constituent::ACETIC] * exp($change) * $weights[Constituent::ACETIC];
        $weights[Constituent::ACETIC] = 0.0;
        $weights[Constituent::WATER] *= $water / $this->totals[Constituent::WATER];
        foreach ($weights as $constituent => $weight) {
            $weights[$constituent] = $byShift * $weight;
        }

        return [$weights, $byAcetic];
    }
}
