<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Solve\Feel;

/** Which remedy comes first: what lands, and disturbs least, with fewest things and least mass. */
final readonly class Ranking
{
    private const OF_A_KIND = 2;
    /** A named taste lands where it is within so many steps of where it should be. */
    public const LANDS = 0.35;
    /** Steps that what is only held may move without being noticed. */
    private const QUIET = 0.5;
    /** Where something is noticed anyway, one thing more has to save so many steps. */
    private const A_THING = 0.25;
    /** Boiling takes a while: as good as a tenth more in the pot. */
    private const TIME = 0.1;
    /** What is not in the sauce counts as more than one thing, and what is akin to nothing in it as more still. */
    private const COUNTS_AS = [1.25, 1.05, 1.0];
    /** What leaves more than this share of what is wrong is no remedy. */
    private const HELPS = 0.7;

    public function __construct(private Equations $equations) {}

    /**
     * What comes first: that it lands, then that nothing else is noticed, then few things, then little mass; where
     * something is noticed, that all of it together is little for the things it takes.
     *
     * @param array<string, float> $steps left
     * @param array<string, float> $grams of what it takes, by slug; '' for boiling off
     * @return list<float|int>
     */
    public function rank(array $steps, array $grams): array
    {
        $mass = array_sum($grams) - 2 * ($grams[''] ?? 0.0);
        $miss = $this->miss($steps);
        $moved = 0.0;
        $disturbed = 0.0;
        foreach ($steps as $feel => $left) {
            if (! isset($this->equations->feels[$feel])) {
                $each = abs($left) * min(1.0, Feel::from($feel)->held() + 0.3);
                $moved = max($moved, $each);
                $disturbed += $each ** 2;
            }
        }
        $growth = abs($mass) / $this->equations->pot->mass;
        $boils = isset($grams['']);
        // boiling is more work than a spoon, and moves everything
        $count = $boils ? 1 : 0;
        foreach (array_keys($grams) as $slug) {
            $count += self::COUNTS_AS[$this->equations->nearness((string) $slug)];
        }
        $isQuiet = $moved <= self::QUIET;

        return [
            $miss <= self::LANDS ? 0 : (int) ceil(2 * $miss),
            $isQuiet ? 0 : 1,
            $isQuiet ? $count : sqrt($disturbed) + self::A_THING * $count + $growth,
            // half a step of what is disturbed weighs as much as a tenth of the pot
            $growth + 0.2 * $moved + ($boils ? self::TIME : 0.0),
        ];
    }

    /**
     * Steps that the named taste furthest out is left with, as it is tasted: sweetness hides some of what is sour or
     * salt.
     *
     * @param array<string, float> $steps left
     */
    public function miss(array $steps): float
    {
        $hidden = Equations::ROUNDS * max(0.0, $steps[Feel::Sweet->value]);
        $miss = 0.0;
        foreach (array_keys($this->equations->feels) as $named) {
            $feel = Feel::from($named);
            $miss = max($miss, abs($steps[$named] - ($this->equations->isRounded($feel) ? $hidden : 0.0)));
        }

        return $miss;
    }

    /**
     * Whether it takes away a good part of what is wrong.
     *
     * @param array<string, float> $steps left
     */
    public function helps(array $steps): bool
    {
        $before = 0.0;
        $after = 0.0;
        foreach (array_keys($this->equations->feels) as $feel) {
            $before += $this->equations->left($this->equations->pot)[$feel] ** 2;
            $after += $steps[$feel] ** 2;
        }

        return $after <= self::HELPS ** 2 * $before;
    }

    /**
     * Best first, without what only adds something to a better one and does no better.
     *
     * @template T of array{slugs: list<string>, rank: list<float|int>, ...}
     *
     * @param list<T> $found
     * @return list<T>
     */
    public static function news(array $found): array
    {
        usort($found, static fn (array $a, array $b): int => $a['rank'] <=> $b['rank']);
        $news = [];
        foreach ($found as $each) {
            $isOld = $each['slugs'] === [];
            foreach ($news as $better) {
                $isOld
                    = $isOld
                    || (array_diff($better['slugs'], $each['slugs']) === []
                        && array_slice($better['rank'], 0, 3) <= array_slice($each['rank'], 0, 3));
            }
            if (! $isOld) {
                $news[] = $each;
            }
        }

        return $news;
    }

    /**
     * Best first, and no more than two that take the same kinds of things: honey and lime, sugar and lemon.
     *
     * @template T of array{slugs: list<string>, ...}
     *
     * @param list<T> $found
     * @return list<T>
     */
    public function ofEachKind(array $found): array
    {
        $seen = [];

        return array_values(
            array_filter($found, function (array $each) use (&$seen): bool {
                $kinds = array_map(
                    fn (string $slug): string => $slug === ''
                        ? ''
                        : $this->equations->thing($slug)->group
                            .($this->equations->thing($slug)->is('plain-water') ? ' water' : ''),
                    $each['slugs'],
                );
                sort($kinds);
                $kind = implode(' + ', $kinds);
                $seen[$kind] = ($seen[$kind] ?? 0) + 1;

                return $seen[$kind] <= self::OF_A_KIND;
            }),
        );
    }
}
