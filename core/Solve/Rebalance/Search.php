<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rebalance;

use Vinculum\Evaluation\Evaluation;

/** The least change that meets the aims, by the fewest lines that matter. */
final readonly class Search
{
    /**
     * Weight of ln(yield), and the least and most it may make in parts of what it made, so that the yield hardly moves;
     * judgement.
     */
    private const HELD = [5.0, 0.78, 1.24];
    /** ... and where that cannot be, so that it may move within these; judgement. */
    private const FREE = [0.7, 0.78, 1.24];
    /**
     * Where to set out from, ln of the factor on every line, for when the nearest valley is not the deepest: from what
     * is written, with less of what brings too much (null), with less, with more, with far less and with next to
     * nothing of all, which matters where a stage boils down to a mass and what is hardly there leaves room; judgement.
     */
    public const OUTSETS = [0.0, null, -1.0, 1.0, -2.0, -4.0];
    private const ROUNDS = 25;
    /** How often a step is halved before it is given up. */
    private const HALVINGS = 5;
    /** How much less far the slopes are believed where they led nowhere, and how near is near enough. */
    private const NEARER = 5.0;
    private const NEAREST = 0.04;
    /** A step that takes less than this share of the merit away is the last. */
    private const FALLS = 2e-2;
    private const SETTLED = 0.02;
    /** A line that moves no taste by so many steps stays as it is. */
    private const MATTERS = 0.12;
    /** What leaves more than so much of what is off is not worth touching a line for; judgement. */
    private const WORTH_IT = 0.9;

    public function __construct(private Equations $equations) {}

    /**
     * @param list<int> $kept deciding lines that stay as they are
     * @return array<int, float> x by deciding line, of those that move: none where it would hardly bring nearer what
     *     was asked, for nobody takes cheese out of a pesto that is to be sweeter
     */
    public function found(array $kept): array
    {
        $bounds = array_diff_key($this->equations->policy->bounds(), array_flip($kept));
        if (
            $bounds === []
            || ($this->equations->miss($this->equations->from) <= self::MATTERS
                && $this->equations->pinsHold($this->equations->from))
        ) {
            return [];
        }
        $x = [];
        $best = $this->equations->from;
        $miss = INF;
        $tries = array_map(static fn (?float $out): array => [self::FREE, $out], self::OUTSETS);
        foreach ([[self::HELD, 0.0], ...$tries] as [[$yield, $least, $most], $out]) {
            $yields = [$least, $most];
            $start = $this->equations->start($bounds, $out);
            [$other, $at] = $this->solved($bounds, $start, $yield, $yields);
            $itsMiss = $this->equations->miss($at);
            if ($itsMiss < $miss - self::MATTERS) {
                [$x, $best, $miss] = [$other, $at, $itsMiss];
                $matter = $this->mattering($x);
                if ($matter !== [] && count($matter) < count($x)) {
                    [$fewer, $at] = $this->solved(
                        array_intersect_key($bounds, array_flip($matter)),
                        array_intersect_key($x, array_flip($matter)),
                        $yield,
                        $yields,
                    );
                    if ($this->equations->miss($at) <= $miss + self::MATTERS) {
                        [$x, $best] = [$fewer, $at];
                    }
                }
            }
            if ($miss <= Equations::MET / 2) {
                break;
            }
        }

        $isWorthIt = ! $this->equations->pinsHold($this->equations->from)
            || $this->equations->off($best) < self::WORTH_IT * $this->equations->off($this->equations->from);

        return $isWorthIt ? array_filter($x, static fn (float $move): bool => abs($move) > 1e-9) : [];
    }

    /**
     * Where a search that sets out elsewhere ends: what "closest" is held against.
     *
     * @param array<int, array{float, float}> $bounds
     * @param array<int, float> $x to begin with
     */
    public function from(array $bounds, array $x): Evaluation
    {
        [$yield, $least, $most] = self::FREE;

        return $this->solved($bounds, $x, $yield, [$least, $most])[1];
    }

    /**
     * The objective where it ends: what another optimiser is held against.
     *
     * @param array<int, array{float, float}> $bounds
     * @param array<int, float> $x to begin with
     */
    public function merit(array $bounds, array $x): float
    {
        [$yield, $least, $most] = self::FREE;
        [$found, $at] = $this->solved($bounds, $x, $yield, [$least, $most]);

        return $this->equations->merit($found, $at, $yield, [$least, $most]);
    }

    /**
     * @param array<int, array{float, float}> $bounds
     * @param array<int, float> $x to begin with
     * @param array{float, float} $yields
     * @return array{array<int, float>, Evaluation}
     */
    private function solved(array $bounds, array $x, float $yield, array $yields): array
    {
        $sources = array_keys($bounds);
        $at = array_filter($x) === [] ? $this->equations->from : $this->equations->at($x);
        $merit = $this->equations->merit($x, $at, $yield, $yields);
        // where it cannot be cooked at all there is no way to go: nearer to what is written there may be
        for ($halving = 0; $merit === INF && $halving < self::HALVINGS; $halving++) {
            $x = array_map(static fn (float $each): float => $each / 2, $x);
            $at = $this->equations->at($x);
            $merit = $this->equations->merit($x, $at, $yield, $yields);
        }
        $trust = Equations::TRUST;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $next = array_combine(
                $sources,
                array_slice(
                    $this->equations->round($bounds, $x, $at, $yield, $yields, $trust),
                    0,
                    count($sources),
                ),
            );
            // as far along as makes it truly better: slopes do not know what bends
            [$share, $better] = [1.0, null];
            for ($halving = 0; $halving < self::HALVINGS; $halving++, $share /= 2) {
                $part = [];
                foreach ($sources as $source) {
                    $part[$source] = $x[$source] + $share * ($next[$source] - $x[$source]);
                }
                $there = $this->equations->at($part);
                $its = $this->equations->merit($part, $there, $yield, $yields);
                if ($its < $merit - self::FALLS * abs($merit)) {
                    $better = [$part, $there, $its];
                    break;
                }
            }
            if ($better === null) {
                // nearer by, another direction may be the way down; where it is met there is no need
                $trust /= self::NEARER;
                if ($trust < self::NEAREST || $this->equations->miss($at) <= Equations::MET / 2) {
                    break;
                }
                continue;
            }
            $moved = max(0.0, ...array_map(
                static fn (int $source): float => abs($better[0][$source] - $x[$source]),
                $sources,
            ));
            [$x, $at, $merit] = $better;
            if ($moved < self::SETTLED) {
                break;
            }
        }

        return [$x, $at];
    }

    /**
     * @param array<int, float> $x
     * @return list<int> deciding lines whose move a tongue could tell
     */
    private function mattering(array $x): array
    {
        return array_values(
            array_filter(
                array_keys($x),
                fn (int $source): bool => abs($x[$source]) * Equations::leverage($this->equations->from, $source)
                    >= self::MATTERS,
            ),
        );
    }
}
