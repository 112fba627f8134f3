<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rebalance;

use Vinculum\Evaluation\Evaluation;

/** The least change that meets the aims, by the fewest lines that matter. */
final readonly class Search
{
    /** Weight of ln(yield): first so that it hardly moves, and where that cannot be, so that it may. */
    private const YIELD = [5.0, 0.7];
    private const ROUNDS = 5;
    private const SETTLED = 0.02;
    /** A line that moves no taste by so many steps stays as it is. */
    private const MATTERS = 0.12;

    public function __construct(private Equations $equations) {}

    /**
     * @param list<int> $kept deciding lines that stay as they are
     * @return array<int, float> x by deciding line, of those that move
     */
    public function found(array $kept): array
    {
        $bounds = array_diff_key($this->equations->bounds(), array_flip($kept));
        if (
            $bounds === []
            || ($this->equations->miss($this->equations->from) <= self::MATTERS
                && $this->equations->pinsHold($this->equations->from))
        ) {
            return [];
        }
        $x = [];
        $miss = INF;
        foreach (self::YIELD as $yield) {
            [$other, $at] = $this->solved($bounds, array_fill_keys(array_keys($bounds), 0.0), $yield);
            $itsMiss = $this->equations->miss($at);
            if ($itsMiss < $miss - self::MATTERS) {
                [$x, $miss] = [$other, $itsMiss];
                $matter = $this->mattering($x);
                if ($matter !== [] && count($matter) < count($x)) {
                    [$fewer, $at] = $this->solved(
                        array_intersect_key($bounds, array_flip($matter)),
                        array_intersect_key($x, array_flip($matter)),
                        $yield,
                    );
                    $x = $this->equations->miss($at) <= $miss + self::MATTERS ? $fewer : $x;
                }
            }
            if ($miss <= Equations::MET / 2) {
                break;
            }
        }

        return array_filter($x, static fn (float $move): bool => abs($move) > 1e-9);
    }

    /**
     * @param array<int, array{float, float}> $bounds
     * @param array<int, float> $x to begin with
     * @return array{array<int, float>, Evaluation}
     */
    private function solved(array $bounds, array $x, float $yield): array
    {
        $sources = array_keys($bounds);
        $at = array_filter($x) === [] ? $this->equations->from : $this->equations->at($x);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $next = array_combine(
                $sources,
                array_slice($this->equations->round($bounds, $x, $at, $yield), 0, count($sources)),
            );
            $moved = max(
                0.0,
                ...array_map(static fn (int $source): float => abs($next[$source] - $x[$source]), $sources),
            );
            $x = $next;
            $at = $moved > 0.0 ? $this->equations->at($x) : $at;
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
