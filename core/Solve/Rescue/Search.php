<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\LineWriter;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LeastSquares;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\Stop;

/** Every set of one, two or three of a dozen candidates, and the best of them again where they land, in spoons. */
final readonly class Search
{
    private const CANDIDATES = 12;
    private const REFINED = 16;
    private const ROUNDS = 3;
    /** Two things whose effects point within this cosine of each other are the same remedy. */
    private const ALIKE = 0.995;
    /** The same of two vinegars or juices; judgement. */
    private const AS_SOUR = 0.95;
    /** Writing an amount down may move a taste by so many steps. */
    private const WRITING = 0.25;
    private const WRITING_SHARE = 0.2;
    /** Share of what was boiled away that writing it down may be off by. */
    private const AS_IT_WAS = 0.05;
    /** Steps by which another taste may come out on its way; judgement. */
    private const THROWS = 1.5;
    /** Least of a piece that is cut off one. */
    private const PIECE = 0.25;

    public function __construct(private Equations $equations, private Ranking $ranking) {}

    /**
     * Written in spoons, best first.
     *
     * @return list<array{
     *     grams: array<string, float>,
     *     texts: array<string, string>,
     *     boil: float,
     *     slugs: list<string>,
     *     rank: list<float|int>,
     *     helps: bool,
     * }>
     */
    public function best(): array
    {
        if (count($this->equations->willBeEnough()) === count($this->equations->feels)) {
            // nothing is wrong that boiling down does not put right by itself
            return [];
        }
        $candidates = $this->candidates();
        $rows = $this->equations->rows($candidates, $this->equations->pot);
        $found = [];
        $back = array_search($this->equations->boiledAway, $candidates, true);
        foreach (self::sets(array_keys($candidates)) as $places) {
            // what was boiled away too far goes back first
            if ($back === false || in_array($back, $places, true)) {
                $found[] = $this->predicted($candidates, $places, $rows);
            }
        }
        $doses = [];
        foreach (array_slice($this->ranking->ofEachKind(Ranking::news($found)), 0, self::REFINED) as $each) {
            $dose = $this->refined($each['set']);
            if ($dose !== [] && $dose['helps'] && $this->equations->isForIt($dose['slugs'])) {
                $doses[] = $dose;
            }
        }

        return $this->ranking->ofEachKind(Ranking::news($doses));
    }

    /**
     * Every set of one, two or three.
     *
     * @param list<int> $of
     * @return list<non-empty-list<int>>
     */
    private static function sets(array $of): array
    {
        $sets = [];
        foreach ($of as $i => $one) {
            $sets[] = [$one];
            foreach (array_slice($of, $i + 1) as $j => $two) {
                $sets[] = [$one, $two];
                foreach (array_slice($of, $i + $j + 2) as $three) {
                    $sets[] = [$one, $two, $three];
                }
            }
        }

        return $sets;
    }

    /**
     * The dozen that do most, alone or beside one other; two that do the same only where there is room.
     *
     * @return list<string> slugs, and '' for boiling off
     */
    private function candidates(): array
    {
        $columns = [];
        [, $right] = $this->equations->rows([], $this->equations->pot);
        $isNamed = array_map(
            fn (Feel $feel): bool => isset($this->equations->feels[$feel->value]),
            Feel::cases(),
        );
        $slugs = array_keys($this->equations->perGram);
        foreach ($slugs as $slug) {
            if ($slug === '' && ! $this->equations->mayBoil()) {
                continue;
            }
            $column = array_slice(
                array_column($this->equations->rows([$slug], $this->equations->pot)[0], 0),
                0,
                count($right),
            );
            $mends = 0.0;
            foreach (array_keys(array_filter($isNamed)) as $r) {
                $mends += $column[$r] * $right[$r];
            }
            // what only holds the rest in its place is taken from what is in it
            if ($mends > 0.0 || $this->equations->nearness($slug) > 0) {
                $columns[$slug] = $column;
            }
        }
        $lengths = array_map(static fn (array $column): float => max(1e-12, self::dot($column, $column)), $columns);
        $pulls = array_map(static fn (array $column): float => self::dot($column, $right), $columns);
        $gains = [];
        foreach ($columns as $one => $column) {
            $gains[$one] = max($gains[$one] ?? 0.0, $pulls[$one] > 0.0 ? $pulls[$one] ** 2 / $lengths[$one] : 0.0);
            foreach ($columns as $two => $other) {
                if ($two <= $one) {
                    continue;
                }
                $cross = self::dot($column, $other);
                $det = $lengths[$one] * $lengths[$two] - $cross ** 2;
                if ($det <= 1e-9 * $lengths[$one] * $lengths[$two]) {
                    continue;
                }
                $x = ($pulls[$one] * $lengths[$two] - $pulls[$two] * $cross) / $det;
                $y = ($pulls[$two] * $lengths[$one] - $pulls[$one] * $cross) / $det;
                if ($x > 0.0 && $y > 0.0) {
                    $gain = $x * $pulls[$one] + $y * $pulls[$two];
                    $gains[$one] = max($gains[$one], $gain);
                    $gains[$two] = max($gains[$two] ?? 0.0, $gain);
                }
            }
        }
        arsort($gains);
        $chosen = [];
        $alike = [];
        foreach (array_filter($gains) as $slug => $gain) {
            $slug = (string) $slug;
            $twin = array_search(
                true,
                array_map(
                    fn (string $other): bool => $other !== ''
                        && $slug !== ''
                        && self::dot($columns[$slug], $columns[$other])
                            > $this->alike($slug, $other) * sqrt($lengths[$slug] * $lengths[$other]),
                    $chosen,
                ),
                true,
            );
            if ($twin === false) {
                $chosen[] = $slug;
            } elseif ($this->equations->nearness($slug) > $this->equations->nearness($chosen[$twin])) {
                // of two that do the same, the one that is in it, and then no other
                $chosen[$twin] = $slug;
            } elseif ($this->equations->nearness($slug) === $this->equations->nearness($chosen[$twin])) {
                $alike[] = $slug;
            }
        }

        $chosen = array_slice([...array_slice($chosen, 0, self::CANDIDATES), ...$alike], 0, self::CANDIDATES);
        $back = $this->equations->boiledAway;

        return $back === null || in_array($back, $chosen, true) || ! isset($columns[$back])
            ? $chosen
            : [$back, ...array_slice($chosen, 1)];
    }

    /** One lemon is as good as another lime, and where the lime is in it, nobody looks for a lemon. */
    private function alike(string $one, string $other): float
    {
        $isSour = fn (string $slug): bool => $this->equations->thing($slug)->isOf('sour');

        return $isSour($one) && $isSour($other) ? self::AS_SOUR : self::ALIKE;
    }

    /**
     * @param array<int, float> $a
     * @param array<int, float> $b
     */
    private static function dot(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $r => $value) {
            $sum += $value * $b[$r];
        }

        return $sum;
    }

    /**
     * @param list<string> $candidates
     * @param non-empty-list<int> $places of those that are in the set
     * @param array{array<int, array<int, float>>, array<int, float>} $rows of all the candidates
     * @return array{set: list<string>, slugs: list<string>, rank: list<float|int>}
     */
    private function predicted(array $candidates, array $places, array $rows): array
    {
        [$all, $b] = $rows;
        $a = [];
        foreach ($all as $row) {
            $part = [];
            foreach ($places as $place) {
                $part[] = $row[$place];
            }
            $a[] = $part;
        }
        $set = array_map(static fn (int $place): string => $candidates[$place], $places);
        $x = $this->solved($set, $a, $b);
        if ($x === null) {
            return ['set' => [], 'slugs' => [], 'rank' => []];
        }
        $mass = $this->equations->massOf($set, $x);
        $steps = [];
        foreach (Feel::cases() as $r => $feel) {
            $off = -$b[$r];
            foreach ($a[$r] as $i => $value) {
                $off += $value * $x[$i];
            }
            $weight = isset($this->equations->feels[$feel->value]) ? Equations::NAMED : $feel->held();
            $steps[$feel->value]
                = (($off / $weight) * $this->equations->pot->mass) / ($this->equations->pot->mass + $mass);
        }
        $used = array_values(
            array_filter($set, static fn (string $slug, int $i): bool => $x[$i] > 1e-4, ARRAY_FILTER_USE_BOTH),
        );

        return [
            'set' => $used,
            'slugs' => $used,
            'rank' => $this->ranking->rank($steps, array_intersect_key(array_combine($set, $x), array_flip($used))),
        ];
    }

    /**
     * Solved again where it lands, and written in spoons.
     *
     * @param list<string> $set
     * @return array{
     *     grams: array<string, float>,
     *     texts: array<string, string>,
     *     boil: float,
     *     slugs: list<string>,
     *     rank: list<float|int>,
     *     helps: bool,
     * }|array{}
     */
    private function refined(array $set): array
    {
        $x = array_fill(0, count($set), 0.0);
        $at = $this->equations->pot;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$a, $b] = $this->equations->rows($set, $at, $x);
            $x = $this->solved($set, $a, $b);
            if ($x === null) {
                return [];
            }
            $at = $this->equations->stirred($set, $x);
        }
        for ($round = 0; $round < self::ROUNDS && ! in_array('', $set, true); $round++) {
            // halfway to mended is better than sweet and sour by turns
            $thrown = max(self::THROWS, $this->ranking->thrown($this->equations->left($at)));
            $x = array_map(static fn (float $each): float => ($each * self::THROWS) / $thrown, $x);
            $at = $this->equations->stirred($set, $x);
        }
        $grams = [];
        $texts = [];
        $boil = 0.0;
        foreach ($set as $i => $slug) {
            if ($x[$i] < 1e-3) {
                continue;
            }
            if ($slug === '') {
                $boil = $x[$i];
                continue;
            }
            $thing = $this->equations->thing($slug);
            // what was boiled away goes back as it was, and not by the next larger cup
            $within = $slug === $this->equations->boiledAway
                ? self::AS_IT_WAS
                : $this->tolerance($slug, $x[$i], $at);
            $text = LineWriter::fresh($x[$i], $thing, $this->equations->kit, $within);
            $written = LineWriter::gramsOf($text, $thing, null, $this->equations->kit);
            if ($written !== null && $written < self::PIECE * self::pieceOf($thing)) {
                // a crumb of an anchovy is nothing anybody cuts off
                return [];
            }
            if ($written !== null && $written > 0.0) {
                $grams[$slug] = $written;
                $texts[$slug] = $text;
            }
        }
        if ($grams === [] && $boil <= 0.0) {
            return [];
        }
        $steps = $this->equations->left(
            $this->equations->stirred(array_map(strval(...), [...array_keys($grams), '']), [
                ...array_values($grams),
                $boil,
            ]),
        );

        $slugs = array_map(strval(...), [...array_keys($grams), ...$boil > 0.0 ? [''] : []]);

        return [
            'grams' => $grams,
            'texts' => $texts,
            'boil' => $boil,
            'slugs' => $slugs,
            'rank' => $this->ranking->rank($steps, $grams + ($boil > 0.0 ? ['' => $boil] : [])),
            'helps' => $this->ranking->helps($steps),
        ];
    }

    /**
     * Grams of each of a set, together no more than the pot may grow by.
     *
     * @param list<string> $set
     * @param array<int, array<int, float>> $a
     * @param array<int, float> $b
     * @return list<float>|null null where the solver did not end
     */
    private function solved(array $set, array $a, array $b): ?array
    {
        $most = $this->equations->most($set);
        $least = array_map(
            fn (string $slug, float $all): float => $slug === $this->equations->boiledAway ? $all : 0.0,
            $set,
            $most,
        );
        $solution = LeastSquares::solve($a, $b, $least, $most);
        $room = $this->equations->mayGrow($set) * $this->equations->pot->mass;
        if ($solution->stop === Stop::Optimal && $this->equations->massOf($set, $solution->x) > $room) {
            // what is best within the room is at its edge, since the objective is convex
            [$row, $right] = $this->equations->full($set);
            $solution = LeastSquares::solve([...$a, $row], [...$b, $right], $least, $most);
        }

        return $solution->stop === Stop::Optimal ? $solution->x : null;
    }

    /** Grams of one, where it comes in pieces; 0 where it does not. */
    private static function pieceOf(Ingredient $thing): float
    {
        return $thing->form === Form::Pieces ? $thing->portions[0]->grams ?? 0.0 : 0.0;
    }

    /** Share by which an amount may be off, for no taste to move by more than writing it down may. */
    private function tolerance(string $slug, float $grams, LinearPot $at): float
    {
        return min(self::WRITING_SHARE, self::WRITING / max(1e-6, $this->equations->dose($slug, $grams, $at)));
    }
}
