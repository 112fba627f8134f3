<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rebalance;

use Vinculum\Amount\Kitchenware;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Mixture;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Solve\Aims;
use Vinculum\Solve\LeastSquares;
use Vinculum\Solve\LineChange;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Ratio;

/**
 * A recipe on paper, moved to its aims with the least relative change.
 *
 * The unknowns are x, ln of the factor on each line that decides an amount and may move, and t, where each taste ends within its
 * interval. With s(x) the tastes in noticeable steps and J their slopes, which the tasting has exactly,
 *
 *     minimise ½ ‖x‖² + ½ W² ‖s + J x − t‖² + ½ P² ‖pinned ratios, in steps of 5 %‖² + ½ Y² (change of ln yield)²
 *
 * within the lines' own bounds, taken again at the new x a few times. Lines that then hardly matter stay as they are. What is
 * found is written in amounts a kitchen measures, and everything said of it is said of the recipe as written.
 */
final readonly class Rebalance
{
    private const REACH = 60.0;
    private const PIN = 200.0;
    private const PIN_STEP = 0.05;

    /** Weight of ln(yield): first so that it hardly moves, and where that cannot be, so that it may. */
    private const YIELD = [5.0, 0.7];

    /** A line may become a fiftieth or eight times what it is. */
    private const LEAST = -3.9;
    private const MOST = 2.08;

    /** Largest change of x in one round, and how many rounds. */
    private const TRUST = 1.2;
    private const ROUNDS = 5;
    private const SETTLED = 0.02;

    /** At most so many lines move: the ones that matter most. */
    private const MOST_LINES = 33;

    /** Inside its interval by so many steps, or this share of it, so that writing it down does not fall out of it again. */
    private const MARGIN = 0.2;
    private const MARGIN_SHARE = 0.25;

    /** A line that moves no taste by so many steps stays as it is. */
    private const MATTERS = 0.12;

    /** Writing an amount down may move a taste by so many steps. */
    private const WRITING = 0.12;

    /** An aim is met within so many steps. */
    private const MET = 0.35;

    /** Two answers are different where the cosine between them is below this. */
    private const ALIKE = 0.75;

    /** One that changes so many times as much as the least is no answer. */
    private const FAR = 6.0;

    private function __construct(private Evaluation $from, private Catalogue $catalogue, private Aims $aims) {}

    /** The answer with the least change. */
    public static function of(Evaluation $from, Catalogue $catalogue, Aims $aims): Rebalanced
    {
        $problem = new self($from, $catalogue, $aims);

        return $problem->written($problem->found([]));
    }

    /**
     * The answer with the least change, and others that go about it otherwise, where there are any.
     *
     * @return non-empty-list<Rebalanced> at most three
     */
    public static function answers(Evaluation $from, Catalogue $catalogue, Aims $aims): array
    {
        $problem = new self($from, $catalogue, $aims);
        $first = $problem->written($problem->found([]));
        $answers = [$first];
        $byMove = array_map(abs(...), $first->moves);
        arsort($byMove);
        foreach (array_slice(array_keys($byMove), 0, 2) as $source) {
            $other = $problem->written($problem->found([$source]));
            $isNew = array_filter($answers, static fn (Rebalanced $answer): bool => self::cosine($answer->moves, $other->moves) > self::ALIKE) === [];
            if ($other->isReached && $isNew && $other->changes !== [] && $other->size() < self::FAR * $first->size()) {
                $answers[] = $other;
            }
        }

        return $answers;
    }

    /**
     * @param list<int> $kept deciding lines that stay as they are
     * @return array<int, float> x by deciding line, of those that move
     */
    private function found(array $kept): array
    {
        $bounds = array_diff_key($this->bounds(), array_flip($kept));
        if ($bounds === [] || ($this->miss($this->from) <= self::MATTERS && $this->pinsHold($this->from))) {
            return [];
        }
        $x = [];
        $miss = INF;
        foreach (self::YIELD as $yield) {
            [$other, $at] = $this->solved($bounds, array_fill_keys(array_keys($bounds), 0.0), $yield);
            $itsMiss = $this->miss($at);
            if ($itsMiss < $miss - self::MATTERS) {
                [$x, $miss] = [$other, $itsMiss];
                $matter = $this->mattering($x);
                if ($matter !== [] && count($matter) < count($x)) {
                    [$fewer, $at] = $this->solved(array_intersect_key($bounds, array_flip($matter)), array_intersect_key($x, array_flip($matter)), $yield);
                    $x = $this->miss($at) <= $miss + self::MATTERS ? $fewer : $x;
                }
            }
            if ($miss <= self::MET / 2) {
                break;
            }
        }

        return array_filter($x, static fn (float $move): bool => abs($move) > 1e-9);
    }

    /**
     * How far each deciding line may move. One that something locked follows may not.
     *
     * @return array<int, array{float, float}>
     */
    private function bounds(): array
    {
        $bounds = [];
        $locked = [];
        foreach ($this->from->cooked->weighed->lines as $line) {
            if ($line->grams <= 0.0 || $line->ingredient === null || ! isset($this->from->cooked->tangents[$line->source])) {
                continue;
            }
            $bounds[$line->source] ??= [self::LEAST, self::MOST];
            if ($line->line->lock) {
                $locked[$line->source] = true;
            }
            if ($line->line->minG !== null) {
                $bounds[$line->source][0] = max($bounds[$line->source][0], $line->line->minG > 0.0 ? log($line->line->minG / $line->grams) : self::LEAST);
            }
            if ($line->line->maxG !== null && $line->line->maxG > 0.0) {
                $bounds[$line->source][1] = min($bounds[$line->source][1], log($line->line->maxG / $line->grams));
            }
        }
        $bounds = array_filter(array_diff_key($bounds, $locked), static fn (array $each): bool => $each[0] <= $each[1]);
        if (count($bounds) > self::MOST_LINES) {
            $leverage = array_map(fn (int $source): float => self::leverage($this->from, $source), array_combine(array_keys($bounds), array_keys($bounds)));
            arsort($leverage);
            $bounds = array_intersect_key($bounds, array_slice($leverage, 0, self::MOST_LINES, true));
        }

        return $bounds;
    }

    /**
     * @param array<int, array{float, float}> $bounds
     * @param array<int, float> $x to begin with
     * @return array{array<int, float>, Evaluation}
     */
    private function solved(array $bounds, array $x, float $yield): array
    {
        $sources = array_keys($bounds);
        $at = array_filter($x) === [] ? $this->from : $this->at($x);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $next = array_combine($sources, array_slice($this->round($bounds, $x, $at, $yield), 0, count($sources)));
            $moved = max(0.0, ...array_map(static fn (int $source): float => abs($next[$source] - $x[$source]), $sources));
            $x = $next;
            $at = $moved > 0.0 ? $this->at($x) : $at;
            if ($moved < self::SETTLED) {
                break;
            }
        }

        return [$x, $at];
    }

    /**
     * @param array<int, array{float, float}> $bounds
     * @param array<int, float> $x
     * @return list<float> x and then t
     */
    private function round(array $bounds, array $x, Evaluation $at, float $yield): array
    {
        $sources = array_keys($bounds);
        $measures = Measure::cases();
        $n = count($sources) + count($measures);
        $a = [];
        $b = [];
        $low = [];
        $high = [];
        foreach ($sources as $i => $source) {
            $row = array_fill(0, $n, 0.0);
            $row[$i] = 1.0;
            $a[] = $row;
            $b[] = 0.0;
            $low[] = max($bounds[$source][0], min($bounds[$source][1], $x[$source] - self::TRUST));
            $high[] = min($bounds[$source][1], max($bounds[$source][0], $x[$source] + self::TRUST));
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
                $row[$i] = self::PIN * $slopes[$source] / self::PIN_STEP;
                $right += $slopes[$source] / self::PIN_STEP * $x[$source];
            }
            $a[] = $row;
            $b[] = self::PIN * $right;
        }
        $mass = $at->cooked->mixture->mass();
        $row = array_fill(0, $n, 0.0);
        $right = log($this->from->cooked->mixture->mass() / $mass);
        foreach ($sources as $i => $source) {
            $slope = Mixture::massOf($at->cooked->tangents[$source]) / $mass;
            $row[$i] = $yield * $slope;
            $right += $slope * $x[$source];
        }
        $a[] = $row;
        $b[] = $yield * $right;

        $start = array_values($x);
        foreach ($measures as $measure) {
            $start[] = self::inSteps($measure, $at->tasting->value($measure));
        }

        return LeastSquares::solve($a, $b, $low, $high, start: $start)->x;
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
        [$low, $high] = array_map(static fn (float $value): float => self::inSteps($measure, $value), $this->aims->wanted[$measure->value]);
        $margin = min(self::MARGIN, self::MARGIN_SHARE * ($high - $low));

        return [$low + $margin, $high - $margin];
    }

    private static function inSteps(Measure $measure, float $value): float
    {
        return $measure->sense()->height($value);
    }

    /** d(steps) / d ln(amount). */
    private static function slope(Evaluation $at, Measure $measure, int $source): float
    {
        return $at->tasting->measures[$measure->value]->stepsPerLn($source);
    }

    /** The most steps any taste moves for a change of a line by a factor of e. */
    private static function leverage(Evaluation $at, int $source): float
    {
        return max(array_map(static fn (Measure $measure): float => abs(self::slope($at, $measure, $source)), Measure::cases()));
    }

    /**
     * @param array<int, float> $x
     * @return list<int> deciding lines whose move a tongue could tell
     */
    private function mattering(array $x): array
    {
        return array_values(array_filter(array_keys($x), fn (int $source): bool => abs($x[$source]) * self::leverage($this->from, $source) >= self::MATTERS));
    }

    /** @param array<int, float> $x */
    private function at(array $x): Evaluation
    {
        return Evaluation::ofWeighed($this->from->cooked->weighed->times(array_map(exp(...), $x)), $this->from->style);
    }

    /** Steps outside its interval of the taste that is furthest out. */
    private function miss(Evaluation $at): float
    {
        return max(array_map(fn (Measure $measure): float => abs($this->aims->steps($measure, $at->tasting->value($measure))), Measure::cases()));
    }

    /** @param array<int, float> $x */
    private function written(array $x): Rebalanced
    {
        $exact = $this->at($x);
        $kit = $this->from->recipe->kitchenware();
        $texts = [];
        foreach ($this->from->cooked->weighed->lines as $i => $line) {
            if (isset($x[$i]) && $line->source === $i && $line->ingredient !== null) {
                $texts[$i] = $this->text($line, exp($x[$i]), $kit, self::leverage($exact, $i));
            }
        }
        $amounts = [];
        foreach ($texts as $i => $text) {
            $amounts[$this->from->cooked->weighed->lines[$i]->line->id] = $text;
        }
        $recipe = $this->from->recipe->withAmounts($amounts);
        $after = Evaluation::of($recipe, $this->catalogue, $this->from->style);
        $isReached = $this->miss($after) <= self::MET && $this->pinsHold($after);

        return new Rebalanced($isReached, $this->why($isReached, $after, $x), $this->changes($x, $texts, $after), $this->from, $after, $recipe, $this->aims, $x);
    }

    private function text(WeighedLine $line, float $factor, Kitchenware $kit, float $leverage): string
    {
        $ways = LineWriter::ways($line, $factor, $kit);
        $best = (string) end($ways);
        $least = INF;
        foreach ($ways as $way) {
            $grams = $line->ingredient === null ? null : LineWriter::gramsOf($way, $line->ingredient, $line->line->prep, $kit);
            if ($grams === null || $grams <= 0.0) {
                // in parts: as near as they are written
                return $way === $ways[0] && count($ways) > 1 ? $ways[1] : $way;
            }
            $off = abs(log($grams / $line->grams / $factor)) * max(1.0, $leverage);
            if ($off <= self::WRITING) {
                return $way;
            }
            if ($off < $least) {
                [$best, $least] = [$way, $off];
            }
        }

        return $best;
    }

    /**
     * @param array<int, float> $x
     * @param array<int, string> $texts
     * @return list<LineChange>
     */
    private function changes(array $x, array $texts, Evaluation $after): array
    {
        $changes = [];
        foreach ($this->from->cooked->weighed->lines as $i => $line) {
            // what rounds to the same words has not moved
            if (isset($x[$line->source]) && ($texts[$i] ?? '') !== $line->line->amount) {
                $changes[] = new LineChange($line->line->id, $line->grams, $after->cooked->weighed->lines[$i]->grams, $texts[$i] ?? null, $this->effect($line, $x[$line->source]));
            }
        }

        return $changes;
    }

    /** What a line's move does: the tastes it shifts, most first. */
    private function effect(WeighedLine $line, float $move): Sentence
    {
        if ($line->line->tie !== null) {
            return Sentence::of('follows');
        }
        $effects = [];
        foreach (Measure::cases() as $measure) {
            $effects[$measure->value] = self::slope($this->from, $measure, $line->source) * $move;
        }
        uasort($effects, static fn (float $a, float $b): int => abs($b) <=> abs($a));
        $parts = [];
        foreach (array_slice($effects, 0, 2) as $measure => $steps) {
            if (abs($steps) >= 0.25 || $parts === []) {
                $parts[] = Sentence::of('{taste} {way} {steps}', ['taste' => $measure, 'way' => $steps < 0 ? 'down' : 'up', 'steps' => Quantity::steps($steps)]);
            }
        }

        return Sentence::together($parts, ', ');
    }

    private function pinsHold(Evaluation $after): bool
    {
        foreach ($this->pins($after) as [, $off]) {
            if (abs($off) > 1.0) {
                return false;
            }
        }

        return true;
    }

    /** @param array<int, float> $x */
    private function why(bool $isReached, Evaluation $after, array $x): Sentence
    {
        if ($isReached) {
            return Sentence::of($x === [] ? 'It is there already, as far as a tongue can tell.' : 'Everything asked for is met, within a third of a step.');
        }
        $worst = null;
        foreach (Measure::cases() as $measure) {
            $steps = $this->aims->steps($measure, $after->tasting->value($measure));
            if ($worst === null || abs($steps) > abs($worst[1])) {
                $worst = [$measure, $steps];
            }
        }
        [$measure, $steps] = $worst;
        if (abs($steps) <= self::MET) {
            return Sentence::of('The pinned ratio cannot be held together with what is asked for. Let go of the pin, or of one of the aims.');
        }

        return Sentence::of('{taste} stays {steps} {side}: {why}', [
            'taste' => ucfirst($measure->value), 'steps' => Quantity::steps($steps), 'side' => $steps < 0 ? 'short' : 'over', 'why' => $this->obstacle($measure, $steps, $x),
        ]);
    }

    /**
     * What keeps a taste from going further.
     *
     * @param array<int, float> $x
     */
    private function obstacle(Measure $measure, float $steps, array $x): string
    {
        $tasted = $this->from->tasting->measures[$measure->value];
        $lines = $this->from->cooked->weighed->lines;
        $bringers = $tasted->contributions;
        arsort($bringers);
        $movable = $this->bounds();
        foreach ($bringers as $i => $own) {
            $share = $tasted->figure->value > 0.0 ? $own / $tasted->figure->value : 0.0;
            if ($share < 0.2) {
                break;
            }
            $name = $lines[$i]->ingredient?->shortName() ?? $lines[$i]->line->ingredient;
            $percent = (int) round(100 * $share);
            if (! isset($movable[$lines[$i]->source])) {
                return "{$name} brings {$percent} % of it and is locked.";
            }
            $move = $x[$lines[$i]->source] ?? 0.0;
            [$least, $most] = $movable[$lines[$i]->source];
            if (($steps > 0.0 && $move <= $least + 1e-6) || ($steps < 0.0 && $move >= $most - 1e-6)) {
                return "{$name} brings {$percent} % of it and is as far as it may go.";
            }
        }
        if ($steps < 0.0 && ($bringers === [] || max($bringers) <= 0.0)) {
            return 'nothing in the recipe brings any. Add a line that does.';
        }
        foreach ($this->from->recipe->pins as $pin) {
            $ratio = Ratio::from($pin['ratio']);
            if ($ratio->over() === $measure || $ratio->under() === $measure) {
                return 'the pinned ratio holds it.';
            }
        }

        return 'what may still move would throw the other tastes out. Unlock a line, or add one that brings '.$measure->value.'.';
    }

    /**
     * @param array<int, float> $a
     * @param array<int, float> $b
     */
    private static function cosine(array $a, array $b): float
    {
        $dot = 0.0;
        foreach ($a as $source => $move) {
            $dot += $move * ($b[$source] ?? 0.0);
        }
        $lengths = sqrt(array_sum(array_map(static fn (float $move): float => $move ** 2, $a)) * array_sum(array_map(static fn (float $move): float => $move ** 2, $b)));

        return $lengths > 0.0 ? $dot / $lengths : 1.0;
    }
}
