<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Pantry\Ingredient;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LeastSquares;
use Vinculum\Solve\Stop;

/** Which things, alone or two or three together, stand in best, and how much of each. */
final readonly class Search
{
    /** What a compensation costs, steps for each it moves. */
    private const PRICE = 0.3;
    private const FINALISTS = 10;
    private const SHOWN = 8;
    private const POOL = 8;
    private const OF_SINGLES = 4;
    /** A single thing as near as this needs no blend beside it; and one that far off stands in for nothing. */
    private const NEAR = 0.5;
    private const NO_STAND_IN = 9.0;
    private const BLENDS_FINAL = 4;
    /** Grams, and share of a blend, below which a part of it is not worth measuring. */
    private const TRACE = 0.3;
    private const PART = 0.1;
    /** How near the measure of a drink another keeps; judgement. */
    private const ABOUT = 0.2;
    /** Steps that nobody notices. */
    private const QUIET = 0.3;

    private ?Kin $kin;

    public function __construct(private Equations $equations, private Ranking $ranking, private Writer $writer)
    {
        $out = $equations->out->ingredient;
        $this->kin = $out === null ? null : new Kin($out, $equations->from);
    }

    /**
     * Every candidate with its predicted distance, cheaply: what bin/bench times.
     *
     * @param list<string>|null $only
     * @return list<Substitution>
     */
    public function ranked(?array $only): array
    {
        $found = [];
        foreach ($only ?? $this->equations->catalogue->slugs() as $slug) {
            $ingredient = $this->equations->catalogue->find($slug);
            if (
                $ingredient === null
                || $ingredient->slug === $this->equations->out->ingredient?->slug
                || $this->equations->wishes->ruleOut($ingredient)
                || ($only === null && ! $this->mayStandIn($ingredient))
            ) {
                continue;
            }
            $found[]
                = $this->weighedOut([$ingredient]) ?? ($only === null ? null : $this->oneForOne($ingredient));
        }
        $found = array_values(array_filter($found));
        usort($found, static fn (array $a, array $b): int => $a['distance'] <=> $b['distance']);
        $finalists = array_slice($found, 0, self::FINALISTS);
        if ($only === null && ($found[0]['distance'] ?? INF) > self::NEAR) {
            $finalists = [...$finalists, ...$this->blends($found)];
        }
        $cooked = array_map($this->cooked(...), $finalists);
        usort($cooked, static fn (Substitution $a, Substitution $b): int => $a->distance <=> $b->distance);

        return array_slice($cooked, 0, self::SHOWN);
    }

    /**
     * Whether everything in a blend is more than a trace: a tenth of a gram is not worth a jar, and a spoon in a pound
     * only where it is salt, acid, sugar or spice.
     *
     * @param non-empty-list<Ingredient> $things
     * @param list<float> $grams
     */
    private static function isWorthMeasuring(array $things, array $grams): bool
    {
        $all = array_sum($grams);
        foreach ($things as $i => $thing) {
            $isStrong = array_intersect($thing->roles, ['salty', 'acid', 'hot', 'sweet', 'umami']) !== []
                && ! in_array('base', $thing->roles, true);
            if ($grams[$i] < self::TRACE || (! $isStrong && $grams[$i] < self::PART * $all)) {
                return false;
            }
        }

        return true;
    }

    /** Something it is for, or smells of, or what kind of thing it is, is shared. */
    private function mayStandIn(Ingredient $ingredient): bool
    {
        $out = $this->equations->out->ingredient;

        return $out !== null
            && $this->kin?->mayStandIn($ingredient) === true
            && ($ingredient->group === $out->group
                || array_intersect($ingredient->roles, array_diff($out->roles, ['aroma', 'base'])) !== []
                || ($out->roles === ['base'] && in_array('base', $ingredient->roles, true))
                || array_intersect_key($ingredient->aroma, $this->equations->aroma) !== []);
    }

    /**
     * What somebody asked for although it cannot stand in: as much by weight, so that it can be said what comes of it.
     *
     * @return array{things: non-empty-list<Ingredient>, x: list<float>, helpers: array<string, float>, distance: float}
     */
    private function oneForOne(Ingredient $ingredient): array
    {
        return [
            'things' => [$ingredient],
            'x' => [$this->equations->out->grams],
            'helpers' => [],
            'distance' => self::NO_STAND_IN,
        ];
    }

    /**
     * Two or three things for one, where they do better together than any alone.
     *
     * @param list<array{
     *     things: non-empty-list<Ingredient>,
     *     x: list<float>,
     *     helpers: array<string, float>,
     *     distance: float,
     * }> $singles nearest first
     * @return list<array{
     *     things: non-empty-list<Ingredient>,
     *     x: list<float>,
     *     helpers: array<string, float>,
     *     distance: float,
     * }>
     */
    private function blends(array $singles): array
    {
        $pool = [];
        foreach (array_keys($this->equations->aroma) as $aroma) {
            $best = null;
            foreach ($singles as $single) {
                $smells = $single['things'][0]->aroma;
                $purity = ($smells[$aroma] ?? 0.0) / max(1e-9, array_sum($smells));
                if ($best === null || $purity > $best[0] + 1e-9) {
                    $best = [$purity, $single['things'][0]];
                }
            }
            if ($best !== null && $best[0] > 0.5) {
                $pool[$best[1]->slug] = $best[1];
            }
        }
        foreach (array_slice($singles, 0, self::OF_SINGLES) as $single) {
            $pool[$single['things'][0]->slug] ??= $single['things'][0];
        }
        foreach (Equations::BASICS as $trait) {
            $basic = $this->equations->catalogue->having($trait);
            if (
                $basic !== null
                && ! $this->equations->wishes->ruleOut($basic)
                && $basic->slug !== $this->equations->out->ingredient?->slug
            ) {
                $pool[$basic->slug] ??= $basic;
            }
        }
        $pool = array_slice(array_values($pool), 0, self::POOL);
        $nearest = $singles[0]['distance'] ?? INF;
        $isKin = fn (Ingredient ...$things): bool => array_filter($things, $this->mayStandIn(...)) !== [];
        $found = [];
        foreach ($pool as $i => $one) {
            foreach (array_slice($pool, $i + 1) as $j => $two) {
                $found[] = $isKin($one, $two) ? $this->weighedOut([$one, $two]) : null;
                foreach (array_slice($pool, $i + $j + 2) as $three) {
                    $found[] = $isKin($one, $two, $three) ? $this->weighedOut([$one, $two, $three]) : null;
                }
            }
        }
        $found = array_values(
            array_filter(
                $found,
                static fn (?array $each): bool => $each !== null
                    && $each['distance'] < $nearest + 0.8
                    && self::isWorthMeasuring($each['things'], $each['x']),
            ),
        );
        usort($found, static fn (array $a, array $b): int => $a['distance'] <=> $b['distance']);

        return array_slice($found, 0, self::BLENDS_FINAL);
    }

    /**
     * How much of these, and of the helpers, makes the gap good; null where none of them goes in.
     *
     * @param non-empty-list<Ingredient> $things
     * @param array<int, float> $further what is still missing once it was cooked, by row
     * @return array{
     *     things: non-empty-list<Ingredient>,
     *     x: list<float>,
     *     helpers: array<string, float>,
     *     distance: float,
     * }|null
     */
    private function weighedOut(array $things, array $further = []): ?array
    {
        $columns = array_map(
            fn (Ingredient $thing): array => $this->equations->pulls($this->equations->becomes($thing), $thing),
            $things,
        );
        $helpers = array_filter(
            $this->equations->helpers,
            static fn (array $helper): bool => ! in_array($helper['ingredient'], $things, true),
        );
        $b = $this->equations->gap();
        foreach ($further as $r => $more) {
            $b[$r] += $more;
        }
        $a = [];
        foreach (array_keys($b) as $r) {
            $row = array_column($columns, $r);
            foreach ($helpers as $helper) {
                $row[] = $helper['pulls'][$r];
            }
            $a[] = $row;
        }
        $n = count($things);
        $low = array_fill(0, $n, 0.0);
        $high = array_map(fn (Ingredient $thing): float => $this->equations->mostOf($thing), $things);
        $measure = $n === 1 ? $this->kin?->sameMeasure($things[0], $this->equations->out->grams) : null;
        if ($measure !== null) {
            $high[0] = min($high[0], (1 + self::ABOUT) * $measure);
            $low[0] = min($high[0], (1 - self::ABOUT) * $measure);
        }
        $k = $n;
        foreach ($helpers as $helper) {
            $price = array_fill(0, $n + count($helpers), 0.0);
            $price[$k++]
                = self::PRICE
                * sqrt(
                    array_sum(
                        array_map(
                            static fn (float $pull): float => $pull ** 2,
                            array_slice($helper['pulls'], 0, 5),
                        ),
                    ),
                );
            $a[] = $price;
            $b[] = 0.0;
            $low[] = $helper['least'];
            $high[] = $helper['most'];
        }
        $solution = LeastSquares::solve($a, array_values($b), $low, $high);
        if ($solution->stop !== Stop::Optimal) {
            return null;
        }
        $x = $solution->x;
        $amounts = array_slice($x, 0, $n);
        if (
            $amounts === []
            || min($amounts) < 1e-3
            || array_sum($amounts) < 1e-3 * $this->equations->pot->mass * ($n > 1 ? 1 : 0)
        ) {
            return null;
        }
        $moves = [];
        $k = $n;
        foreach ($helpers as $id => $helper) {
            $move = $x[$k++];
            if (
                abs($move)
                    * sqrt(
                        array_sum(
                            array_map(
                                static fn (float $pull): float => $pull ** 2,
                                array_slice($helper['pulls'], 0, 5),
                            ),
                        ),
                    )
                > self::QUIET
            ) {
                $moves[$id] = $move;
            }
        }
        $steps = 0.0;
        $whiff = 0.0;
        foreach ($a as $r => $row) {
            if ($r >= count($b) - count($helpers)) {
                break;
            }
            $off = -$b[$r];
            foreach ($row as $i => $value) {
                $off += $value * $x[$i];
            }
            if ($r < 7) {
                $steps += min(4.0, abs($off)) ** 2;
            } else {
                $whiff += min(4.0, abs($off)) ** 2;
            }
        }

        return [
            'things' => $things,
            'x' => $amounts,
            'helpers' => $moves,
            'distance' => $this->ranking->distance($things, $amounts, sqrt($steps), sqrt($whiff), count($moves)),
        ];
    }

    /**
     * Written down, cooked, and solved once more from where it lands.
     *
     * @param array{
     *     things: non-empty-list<Ingredient>,
     *     x: list<float>,
     *     helpers: array<string, float>,
     *     distance: float,
     * } $found
     */
    private function cooked(array $found): Substitution
    {
        $first = $this->writer->written($found, $found['distance']);
        $further = [];
        $off = 0.0;
        foreach (Feel::cases() as $r => $feel) {
            $further[$r] = -$feel->held() * $first->steps[$feel->value];
            $off = max($off, abs($further[$r]));
        }
        $again = $off > self::QUIET ? $this->weighedOut($found['things'], $further) : null;
        if ($again === null) {
            return $first;
        }
        $second = $this->writer->written($again, $found['distance']);
        $size = static fn (Substitution $each): float => array_sum(
            array_map(
                static fn (float $steps, string $feel): float => (Feel::from($feel)->held() * $steps) ** 2,
                $each->steps,
                array_keys($each->steps),
            ),
        );

        return $size($second) < $size($first) ? $second : $first;
    }
}
