<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Figure\Figure;
use Vinculum\Solve\Cholesky;

/**
 * What the changes from try to try did to the likings: a linear model with a normal prior, in closed form (Bayesian
 * linear regression, any textbook). A liking is what its taster gives in general, plus what each change adds that
 * stands in this try, plus chance. What only ever moved together is not told apart, and its interval says so.
 */
final readonly class Effects
{
    /** Standard deviation of what one change does, points of nine; judgement. */
    private const CHANGE = 1.5;

    /** Of a liking about what it is worth; judgement. */
    private const LIKED = 1.2;

    /** What a taster gives in general, and how far tasters differ; judgement. */
    private const USUAL = 6.0;
    private const TASTERS = 2.0;

    /** An effect is known from where its spread is less than this share of what it was before anybody said anything. */
    private const KNOWN = 0.8;

    /**
     * @param list<array{from: int|null, changes: list<Change>, likings: array<string, list<int>>}> $tries each made
     *     from an earlier one
     * @return list<Effect> one for each thing that was ever moved, in the order of the tries
     */
    public static function of(array $tries): array
    {
        [$keys, $standing] = self::standing($tries);
        if ($keys === []) {
            return [];
        }
        $tasters = [];
        foreach ($tries as $try) {
            $tasters += $try['likings'];
        }
        $column = array_flip(array_keys($tasters));
        $count = count($keys) + count($column);
        $precision = array_fill(0, $count, array_fill(0, $count, 0.0));
        $right = array_fill(0, $count, 0.0);
        for ($j = 0; $j < $count; $j++) {
            $precision[$j][$j] = 1 / ($j < count($keys) ? self::CHANGE : self::TASTERS) ** 2;
        }
        foreach ($tries as $i => $try) {
            foreach ($try['likings'] as $who => $likings) {
                $row = array_map(static fn (string $key): float => $standing[$i][$key] ?? 0.0, array_keys($keys));
                $row += array_fill(0, $count, 0.0);
                $row[count($keys) + $column[$who]] = 1.0;
                $weight = count($likings) / self::LIKED ** 2;
                foreach (array_filter($row) as $j => $x) {
                    $right[$j] += $weight * $x * (array_sum($likings) / count($likings) - self::USUAL);
                    foreach (array_filter($row) as $k => $y) {
                        $precision[$j][$k] += $weight * $x * $y;
                    }
                }
            }
        }
        $factor = Cholesky::of($precision, array_keys($precision), 0.0);
        $mean = $factor->solve($right);
        $effects = [];
        foreach (array_values($keys) as $j => ['change' => $change, 'in' => $in]) {
            $unit = array_fill(0, $count, 0.0);
            $unit[$j] = 1.0;
            $spread = sqrt($factor->solve($unit)[$j]);
            $with = self::with($change->key, $tries);
            $effects[] = new Effect(
                $change,
                $in,
                Figure::even($mean[$j] * $change->size, Figure::HALF_WIDTHS * $spread * abs($change->size), 'points'),
                // what only ever moved together is not told apart, however far either moved
                $with === [] && $spread < self::KNOWN * self::CHANGE,
                $with,
            );
        }

        return $effects;
    }

    /**
     * How far each thing stands from the first try, in every one: what is taken back stands at nothing again.
     *
     * @param list<array{from: int|null, changes: list<Change>, likings: array<string, list<int>>}> $tries
     * @return array{array<string, array{change: Change, in: int}>, list<array<string, float>>} where each was first
     *     moved, and where it stands by try
     */
    private static function standing(array $tries): array
    {
        $keys = [];
        /** @var list<array<string, float>> $standing */
        $standing = [];
        foreach ($tries as $i => $try) {
            $stands = $try['from'] === null ? [] : $standing[$try['from']] ?? [];
            foreach ($try['changes'] as $change) {
                $keys[$change->key] ??= ['change' => $change, 'in' => $i];
                $stands[$change->key] = ($stands[$change->key] ?? 0.0) + $change->size;
            }
            $standing[] = $stands;
        }

        return [$keys, $standing];
    }

    /**
     * What moved in every try in which this did.
     *
     * @param list<array{from: int|null, changes: list<Change>, likings: array<string, list<int>>}> $tries
     * @return list<Change>
     */
    private static function with(string $key, array $tries): array
    {
        $together = null;
        foreach ($tries as $try) {
            $moved = [];
            foreach ($try['changes'] as $change) {
                $moved[$change->key] = $change;
            }
            if (isset($moved[$key])) {
                unset($moved[$key]);
                $together = $together === null ? $moved : array_intersect_key($together, $moved);
            }
        }

        return array_values($together ?? []);
    }
}
