<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Figure\Figure;
use Vinculum\Solve\Cholesky;

/**
 * What somebody seems to like in one kind of sauce: a point, in noticeable steps from the style's aim, one number for
 * each taste, and how well it is known.
 *
 * Before any tasting it is 0 ± 1.5 steps. "Less sour, clearly" of a sauce is an observation that the ideal is two steps
 * below it, ± 1; a liking falls with the squared distance from it; which of two cups is liked better is a probit of how
 * much more the one would be liked. A liking moves only the tastes that were spoken of with it, and a taste nobody
 * spoke of stays as unknown as it was. The observations of taste are linear and Gaussian, and bring it up to date in
 * closed form; likings and pairs by Laplace's approximation, a few Newton steps to the mode.
 */
final readonly class Ideal
{
    /** Standard deviation before any tasting, steps. */
    public const PRIOR = 1.5;

    /** Of what a spoon says, steps. */
    private const SAID = 1.0;

    /** A sauce at the ideal is liked so much, and a sauce so many steps off one point less; judgement. */
    private const BEST = 8.0;
    private const POINT_PER_SQUARE = 0.35;

    /** Of a liking, points of nine; judgement. */
    private const LIKED = 1.2;

    private const ROUNDS = 8;

    /** Of the difference between two cups, points of nine; judgement. */
    private const TOLD_APART = 0.8;

    /** Fewer tastings than this say nothing of anybody; judgement. */
    private const LEAST_TASTINGS = 3;

    /**
     * @param list<string> $tastes names, in order
     * @param array<int, float> $mode steps from the aim
     * @param array<int, float> $deviations steps
     * @param array<string, true> $spokenOf tastes that anything was ever said of
     */
    private function __construct(
        private array $tastes,
        private array $mode,
        private array $deviations,
        public int $tastings,
        private array $spokenOf,
    ) {}

    /**
     * @param list<string> $tastes
     * @param list<array{
     *     at: array<string, float>,
     *     feels: array<string, float>,
     *     liking: int|null,
     *     pair?: BlindPair|null,
     * }> $said at: where the tasted sauce stands, steps from the aim, by taste; feels: steps too much, by taste
     */
    public static function of(array $tastes, array $said): self
    {
        $count = count($tastes);
        $mode = array_fill(0, $count, 0.0);
        $precision = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $precision = array_fill(0, $count, array_fill(0, $count, 0.0));
            $gradient = array_fill(0, $count, 0.0);
            for ($j = 0; $j < $count; $j++) {
                $precision[$j][$j] = 1 / self::PRIOR ** 2;
                $gradient[$j] = -$mode[$j] / self::PRIOR ** 2;
            }
            foreach ($said as $each) {
                // of what nobody spoke nothing is known
                $spoken = array_intersect_key($each['feels'], $each['at']);
                foreach (array_intersect($tastes, array_keys($spoken)) as $j => $taste) {
                    $precision[$j][$j] += 1 / self::SAID ** 2;
                    $gradient[$j] += ($each['at'][$taste] - $spoken[$taste] - $mode[$j]) / self::SAID ** 2;
                }
                $pair = $each['pair'] ?? null;
                $j = $pair === null ? false : array_search($pair->taste, $tastes, true);
                if ($pair !== null && $j !== false && isset($each['at'][$pair->taste])) {
                    [$slope, $curve] = self::ofPair($pair, $mode[$j] - $each['at'][$pair->taste]);
                    $gradient[$j] += $slope;
                    $precision[$j][$j] += $curve;
                }
                // a liking alone says how well, and not why
                [$slope, $surprise] = $spoken === []
                    ? [[], 0.0]
                    : self::ofLiking($each['liking'], $tastes, array_intersect_key($each['at'], $spoken), $mode);
                foreach ($slope as $j => $down) {
                    $gradient[$j] += $down * $surprise;
                    foreach ($slope as $k => $beside) {
                        $precision[$j][$k] += $down * $beside / self::LIKED ** 2;
                    }
                }
            }
            $step = Cholesky::of($precision, array_keys($precision), 0.0)->solve($gradient);
            for ($j = 0; $j < $count; $j++) {
                // a liking is no parabola far away, so nobody leaps
                $mode[$j] += max(-1.0, min(1.0, $step[$j]));
            }
        }
        $factor = Cholesky::of($precision, array_keys($precision), 0.0);
        $deviations = [];
        for ($j = 0; $j < $count; $j++) {
            $unit = array_fill(0, $count, 0.0);
            $unit[$j] = 1.0;
            $deviations[] = sqrt($factor->solve($unit)[$j]);
        }

        return new self($tastes, $mode, $deviations, count($said), self::spokenOf($said));
    }

    /**
     * Tastes that anything was ever said of.
     *
     * @param list<array{feels: array<string, float>, pair?: BlindPair|null}> $said
     * @return array<string, true>
     */
    private static function spokenOf(array $said): array
    {
        $spokenOf = [];
        foreach ($said as $each) {
            $pair = $each['pair'] ?? null;
            $spokenOf += array_fill_keys(array_keys($each['feels']), true);
            $spokenOf += $pair === null ? [] : [$pair->taste => true];
        }

        return $spokenOf;
    }

    /**
     * How a liking falls off with each taste that was spoken of, and by how much it is other than was to be expected.
     *
     * @param list<string> $tastes
     * @param array<string, float> $at steps from the aim
     * @param array<int, float> $mode
     * @return array{array<int, float>, float}
     */
    private static function ofLiking(?int $liking, array $tastes, array $at, array $mode): array
    {
        $expected = self::BEST;
        $slope = [];
        foreach ($tastes as $j => $taste) {
            if (isset($at[$taste])) {
                $off = $at[$taste] - $mode[$j];
                $expected -= self::POINT_PER_SQUARE * $off ** 2;
                $slope[$j] = 2 * self::POINT_PER_SQUARE * $off;
            }
        }

        // no lower than the lowest: how far off it is, it does not say
        return $liking === null
            || ($expected < TastingNote::LEAST_LIKED && $liking <= TastingNote::LEAST_LIKED + 1)
            ? [[], 0.0]
            : [$slope, ($liking - $expected) / self::LIKED ** 2];
    }

    /**
     * Slope and curvature of the log-likelihood of a pair. The moved cup would be liked more by c·d·(2a − d) points, a
     * being how far the ideal lies above the sauce, d how far the cup was moved; no telling is half of either.
     *
     * @return array{float, float}
     */
    private static function ofPair(BlindPair $pair, float $above): array
    {
        $per = 2 * self::POINT_PER_SQUARE * $pair->steps / self::TOLD_APART;
        $z = $per * ($above - $pair->steps / 2);
        [$slope, $curve] = [0.0, 0.0];
        foreach ($pair->moved === null ? [1.0, -1.0] : [$pair->moved ? 1.0 : -1.0] as $sign) {
            $weight = $pair->moved === null ? 0.5 : 1.0;
            $ratio = Normal::density($z) / max(Normal::below($sign * $z), 1e-12);
            $slope += $weight * $sign * $ratio * $per;
            $curve += $weight * $ratio * ($ratio + $sign * $z) * $per ** 2;
        }

        return [$slope, max(0.0, $curve)];
    }

    /** Steps from the aim, four times in five. */
    public function point(string $taste): Figure
    {
        $j = (int) array_search($taste, $this->tastes, true);

        return Figure::even($this->mode[$j], Figure::HALF_WIDTHS * $this->deviations[$j], 'steps');
    }

    /** Whether anybody ever said anything of it. */
    public function isSpokenOf(string $taste): bool
    {
        return isset($this->spokenOf[$taste]);
    }

    /** Whether it is known to lie on one side of the aim. */
    public function isKnown(string $taste): bool
    {
        $figure = $this->point($taste);

        return $this->tastings >= self::LEAST_TASTINGS && ($figure->low() > 0.0 || $figure->high() < 0.0);
    }
}
