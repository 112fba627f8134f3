<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Mixture;
use Vinculum\Taste\Measure;

/**
 * Amounts that can be measured, chosen together so that the balance moves least.
 *
 * Each line has a few choices, each off by so much in ln(amount); the tastes then move by s = Σ J ln(choice / exact),
 * in noticeable steps, J from the tasting. An integer search minimises
 *
 *     Σ s² + (largest |s|)² + a little for every dip of a spoon, every line off its own share, and the batch growing or
 *     shrinking
 *
 * from every line rounded by itself: one line at a time as long as any change helps, then every two of the lines that
 * matter most together. It only ever improves, so it is never worse than rounding line by line; the same batch gives
 * the same amounts.
 */
final class Rounding
{
    private const DIP = 0.004;
    private const SIZE = 4.0;
    private const PASSES = 8;
    private const PAIRS_OF = 9;

    /** A step that nobody tells costs as much as ten dips. */
    private const QUIET = 0.05;

    /** A line close to its share is better than one that another makes up for. */
    private const OWN = 0.8;

    /** @var array<int, array<string, float>> steps of each taste for ln(amount), by line */
    private array $slopes = [];

    /** @var array<int, list<array{float, int}>> ln(choice / exact) and dips, by line and choice */
    private array $offs = [];

    /**
     * @param array<int, non-empty-list<Choice>> $choices by deciding line
     * @param array<int, float> $exact g, by the same
     */
    private function __construct(Evaluation $at, array $choices, array $exact)
    {
        $mass = $at->cooked->mixture->mass();
        foreach ($choices as $i => $list) {
            $this->offs[$i] = array_map(
                static fn (Choice $choice): array => [log($choice->grams / $exact[$i]), $choice->scoops],
                $list,
            );
            foreach (Measure::cases() as $measure) {
                $this->slopes[$i][$measure->value] = $at->tasting->measures[$measure->value]->stepsPerLn($i);
            }
            $this->slopes[$i]['size']
                = $mass > 0.0 && isset($at->cooked->tangents[$i])
                    ? Mixture::massOf($at->cooked->tangents[$i]) / $mass
                    : 0.0;
        }
    }

    /**
     * @param array<int, non-empty-list<Choice>> $choices by deciding line, the nearest first
     * @param array<int, float> $exact g, by the same
     * @return array<int, Choice>
     */
    public static function of(Evaluation $at, array $choices, array $exact): array
    {
        if ($choices === []) {
            return [];
        }
        $search = new self($at, $choices, $exact);
        $picked = $search->improved(array_map(static fn (): int => 0, $choices));

        $chosen = [];
        foreach ($choices as $i => $list) {
            $chosen[$i] = $list[$picked[$i]];
        }

        return $chosen;
    }

    /**
     * @param array<int, int> $picked
     * @return array<int, int>
     */
    private function improved(array $picked): array
    {
        $steps = $this->steps($picked);
        $best = $this->cost($steps, $picked);
        for ($pass = 0; $pass < self::PASSES; $pass++) {
            $before = $best;
            foreach (array_keys($picked) as $i) {
                [$picked, $steps, $best] = $this->tried($picked, $steps, $best, [$i]);
            }
            if ($best >= $before - 1e-12) {
                break;
            }
        }
        $weight = [];
        foreach ($this->slopes as $i => $slopes) {
            $weight[$i]
                = max(0.0, ...array_values(array_map(abs(...), $slopes)))
                * max(0.0, ...array_map(static fn (array $off): float => abs($off[0]), $this->offs[$i]));
        }
        arsort($weight);
        $most = array_slice(array_keys($weight), 0, self::PAIRS_OF);
        foreach ($most as $a => $one) {
            foreach (array_slice($most, $a + 1) as $two) {
                [$picked, $steps, $best] = $this->tried($picked, $steps, $best, [$one, $two]);
            }
        }

        return $picked;
    }

    /**
     * Every choice of one line, or of two together.
     *
     * @param array<int, int> $picked
     * @param array<string, float> $steps
     * @param non-empty-list<int> $lines
     * @return array{array<int, int>, array<string, float>, float}
     */
    private function tried(array $picked, array $steps, float $best, array $lines): array
    {
        $found = [$picked, $steps, $best];
        foreach (array_keys($this->offs[$lines[0]]) as $first) {
            foreach (isset($lines[1]) ? array_keys($this->offs[$lines[1]]) : [0] as $second) {
                $next = $picked;
                $next[$lines[0]] = $first;
                if (isset($lines[1])) {
                    $next[$lines[1]] = $second;
                }
                $then = $steps;
                foreach ($lines as $i) {
                    $change = $this->offs[$i][$next[$i]][0] - $this->offs[$i][$picked[$i]][0];
                    foreach ($this->slopes[$i] as $name => $slope) {
                        $then[$name] += $slope * $change;
                    }
                }
                $cost = $this->cost($then, $next);
                if ($cost < $found[2] - 1e-12) {
                    $found = [$next, $then, $cost];
                }
            }
        }

        return $found;
    }

    /**
     * @param array<int, int> $picked
     * @return array<string, float>
     */
    private function steps(array $picked): array
    {
        $steps = array_fill_keys(
            [...array_map(static fn (Measure $measure): string => $measure->value, Measure::cases()), 'size'],
            0.0,
        );
        foreach ($picked as $i => $pick) {
            foreach ($this->slopes[$i] as $name => $slope) {
                $steps[$name] += $slope * $this->offs[$i][$pick][0];
            }
        }

        return $steps;
    }

    /**
     * @param array<string, float> $steps
     * @param array<int, int> $picked
     */
    private function cost(array $steps, array $picked): float
    {
        $size = $steps['size'];
        unset($steps['size']);
        $cost = self::SIZE * $size * $size;
        $largest = 0.0;
        foreach ($steps as $step) {
            $told = max(0.0, abs($step) - self::QUIET);
            $cost += $told * $told + 0.1 * $step * $step;
            $largest = max($largest, $told);
        }
        $cost += $largest * $largest;
        foreach ($picked as $i => $pick) {
            [$off, $dips] = $this->offs[$i][$pick];
            $cost += self::DIP * $dips + self::OWN * $off * $off;
        }

        return $cost;
    }
}
