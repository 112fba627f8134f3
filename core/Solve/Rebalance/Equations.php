<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rebalance;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Mixture;
use Vinculum\Solve\Aims;
use Vinculum\Solve\LeastSquares;
use Vinculum\Solve\Stop;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Ratio;

/**
 * A recipe on paper, moved to its aims with the least relative change.
 *
 * The unknowns are x, ln of the factor on each line that decides an amount and may move, and t, where each taste ends
 * within its interval. With s(x) the tastes in noticeable steps and J their slopes, which the tasting has exactly,
 *
 *     minimise ½ Σ c x² + ½ W² ‖s + J x − t‖² + ½ P² ‖pinned ratios, in steps of 5 %‖² + ½ Y² (change of ln yield)²
 *
 * within the lines' own bounds, taken again at the new x a few times. Lines that then hardly matter stay as they are.
 * What is found is written in amounts a kitchen measures, and everything said of it is said of the recipe as written.
 */
final readonly class Equations
{
    private const REACH = 60.0;
    /**
     * Of ln of what it makes past what it may make: nobody boils half a batch away for a step of umami; judgement.
     */
    private const HOLD = 600.0;
    private const PIN = 200.0;
    private const PIN_STEP = 0.05;


    /** Largest change of x in one round, and how many rounds. */
    public const TRUST = 1.2;
    /** Of an end point, beside which a taste is nothing. */
    private const MUST = 3000.0;
    /** At least this is left to boil off where a stage ends at a mass, in parts of what it leaves. */
    private const TO_BOIL_OFF = 0.01;

    /**
     * Inside its interval by so many steps, or this share of it, so that writing it down does not fall out of it again.
     */
    private const MARGIN = 0.2;
    private const MARGIN_SHARE = 0.25;
    /** An aim is met within so many steps. */
    public const MET = 0.35;

    public Policy $policy;

    /**
     * @param array{float, float} $reach ln of the least and the most of what a line was, where it has no other bound
     */
    public function __construct(public Evaluation $from, public Aims $aims, array $reach = Policy::WRITTEN)
    {
        $this->policy = new Policy($from, $aims, $reach);
    }

    /**
     * What is least where the answer is best: the equations' own objective, with the true figures instead of their
     * slopes; any where the recipe cannot be cooked so.
     *
     * @param array<int, float> $x
     * @param array{float, float} $yields what it may make, in parts of what it made
     */
    public function merit(array $x, Evaluation $at, float $yield, array $yields): float
    {
        if ($this->spoils($at)) {
            return INF;
        }
        $merit = 0.0;
        foreach ($this->residuals($x, $at, $yield, $yields) as $residual) {
            $merit += $residual * $residual;
        }

        return $merit;
    }

    /**
     * What the merit is the sum of squares of: the moves, what each taste is outside its interval, pins, and the yield.
     *
     * @param array<int, float> $x
     * @param array{float, float} $yields what it may make, in parts of what it made
     * @return list<float>
     */
    public function residuals(array $x, Evaluation $at, float $yield, array $yields): array
    {
        $residuals = [];
        foreach ($x as $source => $move) {
            $residuals[] = $this->policy->cost($source) * $move;
        }
        foreach (Measure::cases() as $measure) {
            [$low, $high] = $this->interval($measure);
            $is = self::inSteps($measure, $at->tasting->value($measure));
            $residuals[] = self::REACH * max(0.0, $low - $is, $is - $high);
        }
        foreach ($this->pins($at) as [, $off]) {
            $residuals[] = self::PIN * $off;
        }
        $makes = $this->yieldOf($at);
        $residuals[] = self::HOLD * max(0.0, log($yields[0] / $makes), log($makes / $yields[1]));
        $residuals[] = $yield * log($makes);

        return $residuals;
    }

    /** As much as it made, in parts. */
    public function yieldOf(Evaluation $at): float
    {
        return max(1e-9, $at->cooked->mixture->mass()) / $this->from->cooked->mixture->mass();
    }

    /** An end point only one of both reaches, a pan that boils dry: such a pot says nothing of the other. */
    public function spoils(Evaluation $at): bool
    {
        return count($at->cooked->problems) !== count($this->from->cooked->problems);
    }

    /**
     * @param array<int, array{float, float}> $bounds
     * @param array<int, float> $x
     * @param array{float, float} $yields what it may make, in parts of what it made
     * @param float $trust how far from x the slopes are believed
     * @return list<float> x and then t, the last of them for the yield
     */
    public function round(
        array $bounds,
        array $x,
        Evaluation $at,
        float $yield,
        array $yields,
        float $trust = self::TRUST,
    ): array {
        $sources = array_keys($bounds);
        $measures = Measure::cases();
        $ends = $this->ends($at);
        $n = count($sources) + count($measures) + 1 + count($ends);
        $yieldAt = count($sources) + count($measures);
        $a = [];
        $b = [];
        $low = [];
        $high = [];
        foreach ($sources as $i => $source) {
            $row = array_fill(0, $n, 0.0);
            $row[$i] = $this->policy->cost($source);
            $a[] = $row;
            $b[] = 0.0;
            $low[] = max($bounds[$source][0], min($bounds[$source][1], $x[$source] - $trust));
            $high[] = min($bounds[$source][1], max($bounds[$source][0], $x[$source] + $trust));
        }
        foreach ($measures as $k => $measure) {
            $row = array_fill(0, $n, 0.0);
            $row[count($sources) + $k] = -self::REACH;
            [$from, $to] = $this->interval($measure);
            $low[] = $from;
            $high[] = $to;
            $right = -self::inSteps($measure, $at->tasting->value($measure));
            foreach ($sources as $i => $source) {
                $slope = self::slope($at, $measure, $source);
                $row[$i] = self::REACH * $slope;
                $right += $slope * $x[$source];
            }
            $a[] = $row;
            $b[] = self::REACH * $right;
        }
        foreach ($this->pins($at) as [$slopes, $off]) {
            $row = array_fill(0, $n, 0.0);
            $right = -$off;
            foreach ($sources as $i => $source) {
                $row[$i] = (self::PIN * $slopes[$source]) / self::PIN_STEP;
                $right += ($slopes[$source] / self::PIN_STEP) * $x[$source];
            }
            $a[] = $row;
            $b[] = self::PIN * $right;
        }
        $mass = $at->cooked->mixture->mass();
        $row = array_fill(0, $n, 0.0);
        $held = array_fill(0, $n, 0.0);
        $right = log($this->from->cooked->mixture->mass() / $mass);
        foreach ($sources as $i => $source) {
            $slope = Mixture::massOf($at->cooked->tangents[$source]) / $mass;
            $row[$i] = $yield * $slope;
            $held[$i] = self::HOLD * $slope;
            $right += $slope * $x[$source];
        }
        $a[] = $row;
        $b[] = $yield * $right;
        $held[$yieldAt] = -self::HOLD;
        $a[] = $held;
        $b[] = self::HOLD * $right;
        $low[] = log($yields[0]);
        $high[] = log($yields[1]);
        foreach ($ends as $k => [$slopes, $left]) {
            $row = array_fill(0, $n, 0.0);
            $right = -$left;
            foreach ($sources as $i => $source) {
                $row[$i] = self::MUST * ($slopes[$source] ?? 0.0);
                $right += ($slopes[$source] ?? 0.0) * $x[$source];
            }
            $row[$yieldAt + 1 + $k] = -self::MUST;
            $a[] = $row;
            $b[] = self::MUST * $right;
            $low[] = self::TO_BOIL_OFF;
            $high[] = INF;
        }

        $start = array_values($x);
        foreach ($measures as $measure) {
            $start[] = self::inSteps($measure, $at->tasting->value($measure));
        }
        $start[] = log($this->yieldOf($at));
        foreach ($ends as [, $left]) {
            $start[] = max(self::TO_BOIL_OFF, $left);
        }

        $solution = LeastSquares::solve($a, $b, $low, $high, $start);

        // a round that did not end stays where it began
        return $solution->stop === Stop::Optimal ? $solution->x : $start;
    }

    /**
     * Where a search sets out from.
     *
     * @param array<int, array{float, float}> $bounds
     * @param float|null $out ln of the factor on every line; null for less of each by its share of what is too much
     * @return array<int, float>
     */
    public function start(array $bounds, ?float $out): array
    {
        $x = array_map(static fn (): float => $out ?? 0.0, $bounds);
        foreach ($out === null ? Measure::cases() : [] as $measure) {
            $value = $this->from->tasting->value($measure);
            $most = max($this->aims->wanted[$measure->value][1], $measure->threshold());
            $shares = $value > $most ? $this->from->tasting->measures[$measure->value]->contributions : [];
            foreach ($shares as $i => $own) {
                $source = $this->from->cooked->weighed->lines[$i]->source;
                if (isset($x[$source])) {
                    $x[$source] -= ($own / $value) * log($value / $most);
                }
            }
        }
        foreach ($bounds as $source => [$least, $most]) {
            $x[$source] = max($least, min($most, $x[$source]));
        }

        return $x;
    }

    /**
     * For each stage that ends at a mass or a volume, what there is still to boil off before it, in parts of what is
     * left then, and how that goes with ln(amount): without any, it cannot be cooked so.
     *
     * @return list<array{array<int, float>, float}>
     */
    private function ends(Evaluation $at): array
    {
        $ends = [];
        $in = [];
        foreach ($at->cooked->stages as $report) {
            foreach ($at->cooked->weighed->lines as $line) {
                if ($line->stage === $report->stage) {
                    $in[$line->source] = ($in[$line->source] ?? 0.0) + $line->grams;
                }
            }
            $until = $report->stage->process?->until;
            if ($until !== null && $until->kind !== 'loss_percent' && $report->boiledOff > 0.0) {
                $out = max(1e-9, $report->massIn - $report->boiledOff);
                $ends[] = [
                    array_map(static fn (float $grams): float => $grams / $out, $in),
                    $report->boiledOff / $out,
                ];
            }
        }

        return $ends;
    }

    /**
     * Ratios that are held: slopes of ln(ratio) by ln(amount), and how far off it is, in steps of 5 %.
     *
     * @return list<array{array<int, float>, float}>
     */
    private function pins(Evaluation $at): array
    {
        $pins = [];
        foreach ($this->from->recipe->pins as $pin) {
            $ratio = Ratio::from($pin['ratio']);
            $figure = $at->tasting->ratios[$ratio->value];
            if ($figure === null || $figure->value <= 0.0 || $pin['value'] <= 0.0) {
                continue;
            }
            $over = $at->tasting->measures[$ratio->over()->value]->sensitivities;
            $slopes = [];
            foreach ($at->tasting->measures[$ratio->under()->value]->sensitivities as $source => $under) {
                $slopes[$source] = $over[$source] - $under;
            }
            $pins[] = [$slopes, log($figure->value / $pin['value']) / self::PIN_STEP];
        }

        return $pins;
    }

    /** @return array{float, float} in steps on the measure's own scale, a little inside */
    private function interval(Measure $measure): array
    {
        [$low, $high] = array_map(
            static fn (float $value): float => self::inSteps($measure, $value),
            $this->aims->wanted[$measure->value],
        );
        $margin = min(self::MARGIN, self::MARGIN_SHARE * ($high - $low));

        return [$low + $margin, $high - $margin];
    }

    private static function inSteps(Measure $measure, float $value): float
    {
        return $measure->sense()->height($value);
    }

    /** d(steps) / d ln(amount). */
    public static function slope(Evaluation $at, Measure $measure, int $source): float
    {
        return $at->tasting->measures[$measure->value]->stepsPerLn($source);
    }

    /** The most steps any taste moves for a change of a line by a factor of e. */
    public static function leverage(Evaluation $at, int $source): float
    {
        return max(
            array_map(
                static fn (Measure $measure): float => abs(self::slope($at, $measure, $source)),
                Measure::cases(),
            ),
        );
    }

    /** @param array<int, float> $x */
    public function at(array $x): Evaluation
    {
        return Evaluation::ofWeighed(
            $this->from->cooked->weighed->times(array_map(exp(...), $x)),
            $this->from->style,
        );
    }

    /** Steps outside its interval of the taste that is furthest out. */
    public function miss(Evaluation $at): float
    {
        return max(
            array_map(
                fn (Measure $measure): float => abs($this->aims->steps($measure, $at->tasting->value($measure))),
                Measure::cases(),
            ),
        );
    }

    /** Steps outside their intervals, of all tastes, squared. */
    public function off(Evaluation $at): float
    {
        return array_sum(
            array_map(
                fn (Measure $measure): float => $this->aims->steps($measure, $at->tasting->value($measure)) ** 2,
                Measure::cases(),
            ),
        );
    }

    public function pinsHold(Evaluation $after): bool
    {
        foreach ($this->pins($after) as [, $off]) {
            if (abs($off) > 1.0) {
                return false;
            }
        }

        return true;
    }
}
