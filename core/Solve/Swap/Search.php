<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Solve\Addition;
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
    /** Things that may come to less than so much of what goes out are not held to its weight; judgement. */
    private const AS_MUCH = 0.75;
    /** Weight of several things being together as much as the one: a tenth off is three steps. */
    private const TOGETHER = 30.0;
    /** What a thing that is for it makes up by its own amount. */
    private const MADE_UP_BY_ITSELF = ['sweet', 'acid', 'salty'];
    /** Highest sensible share from which a thing may be most of a sauce, and a little more does not matter. */
    private const MAKES_IT_UP = 0.5;
    /** Least of a second thing beside the first, in parts of as much of it as would do alone; judgement. */
    private const BESIDE = 0.1;
    /** Most of one thing of several, in parts of what goes out; judgement. */
    private const ONE_OF_SEVERAL = 1.25;
    /** What a cook takes second is so much further than the figures say, and the third as much again; judgement. */
    private const NEXT = 0.5;
    /** Where a cook names so many, nothing else is looked for. */
    private const ENOUGH = 2;
    /** Least of another herb for the one a sauce is made of, in parts of it; judgement. */
    private const HALF = 0.5;
    /** Steps that nobody notices. */
    private const QUIET = 0.3;
    /** Steps a thing has to make good to be worth reaching for; judgement. */
    private const WORTH_A_LINE = 0.8;

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
        $usual = $only === null ? $this->usual() : [];
        $found = [];
        $others = count($usual) < self::ENOUGH ? $this->equations->catalogue->slugs() : [];
        foreach ($only ?? $others as $slug) {
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
        if ($only === null && $usual === [] && ($found[0]['distance'] ?? INF) > self::NEAR) {
            $finalists = [...$finalists, ...$this->blends($found)];
        }
        $cooked = array_map($this->cooked(...), [...$usual, ...$finalists]);
        $cooked = self::distinct($cooked);
        usort($cooked, fn (Substitution $a, Substitution $b): int => $this->order($a) <=> $this->order($b));

        return array_slice($cooked, 0, self::SHOWN);
    }

    /**
     * What a cook takes for it, best first, weighed out.
     *
     * @return list<array{
     *     things: non-empty-list<Ingredient>,
     *     x: list<float>,
     *     helpers: array<string, float>,
     *     distance: float,
     *     usual: int|null,
     * }>
     */
    private function usual(): array
    {
        $usual = [];
        $place = 0;
        foreach ($this->equations->out->ingredient->standIns ?? [] as $choices) {
            foreach ($choices as $choice) {
                $things = array_values(array_filter(array_map($this->equations->catalogue->find(...), $choice)));
                $things = count($things) === 1 && count($choice) === 1 ? $this->dissolved($things[0]) : $things;
                $isAllowed = count($things) >= count($choice)
                    && array_filter($things, $this->isOutOfTheQuestion(...)) === [];
                $weighed = $things !== [] && $isAllowed ? $this->weighedOut($things, isUsual: true) : null;
                if (
                    $weighed !== null
                    && self::canBeMeasured($things, $weighed['x'])
                    && $this->fillsThePlace($weighed['x'])
                ) {
                    $usual[] = ['usual' => $place] + $weighed;
                }
                $place++;
            }
            // what comes behind is for when nothing before it may go in
            if ($usual !== []) {
                break;
            }
        }

        return $usual;
    }

    /**
     * A sauce made of one herb is not made of a sprig of another.
     *
     * @param list<float> $grams
     */
    private function fillsThePlace(array $grams): bool
    {
        $out = $this->equations->out;

        return $out->ingredient === null
            || ! $out->ingredient->isOf('herb')
            || ! $this->equations->isMuchOfIt()
            || array_sum($grams) >= self::HALF * $out->grams;
    }

    /**
     * Dry sugar for a syrup the sauce is made of, and the water it takes.
     *
     * @return non-empty-list<Ingredient>
     */
    private function dissolved(Ingredient $thing): array
    {
        $water = $this->equations->catalogue->plainFor('water');
        $isDry = $thing->isOf('dry-sugar')
            && $thing->form === Form::Powder;
        $out = $this->equations->out->ingredient;
        $isOfSyrup = $out?->isOf('syrup') === true && $this->equations->isMuchOfIt();

        return $isDry && $isOfSyrup && $water !== null ? [$thing, $water] : [$thing];
    }

    /**
     * What comes first: what this house liked before, then what a cook takes, then what is near.
     *
     * @return array{int, int, float}
     */
    private function order(Substitution $option): array
    {
        $liked = 0;
        foreach ($option->with as $with) {
            $liked += $this->equations->wishes->remembered[$with->ingredient->slug] ?? 0;
        }

        return [
            -$liked,
            $option->usual === null ? 1 : 0,
            $option->distance + self::NEXT * ($option->usual ?? 0),
        ];
    }

    private function isOutOfTheQuestion(Ingredient $thing): bool
    {
        return $this->equations->wishes->ruleOut($thing) || ($this->kin !== null && ! $this->kin->doesHere($thing));
    }

    /**
     * @param non-empty-list<Ingredient> $things
     * @param list<float> $grams
     */
    private static function canBeMeasured(array $things, array $grams): bool
    {
        foreach ($things as $i => $thing) {
            if ($grams[$i] < $thing->leastMeasured()) {
                return false;
            }
        }

        return true;
    }

    /**
     * The same things once, where they stand nearest.
     *
     * @param list<Substitution> $options
     * @return list<Substitution>
     */
    private static function distinct(array $options): array
    {
        $seen = [];

        return array_values(array_filter($options, static function (Substitution $option) use (&$seen): bool {
            $slugs = array_map(static fn (Addition $with): string => $with->ingredient->slug, $option->with);
            sort($slugs);
            $isNew = ! isset($seen[implode(' + ', $slugs)]);
            $seen[implode(' + ', $slugs)] = true;

            return $isNew;
        }));
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
            && ($ingredient->isBeside($out)
                || array_intersect($ingredient->roles, array_diff($out->roles, ['aroma', 'base'])) !== []
                || ($out->roles === ['base'] && in_array('base', $ingredient->roles, true))
                || array_intersect_key($ingredient->aroma, $this->equations->aroma) !== []);
    }

    /**
     * What somebody asked for although it cannot stand in: as much by weight, so that it can be said what comes of it.
     *
     * @return array{
     *     things: non-empty-list<Ingredient>,
     *     x: list<float>,
     *     helpers: array<string, float>,
     *     distance: float,
     *     usual: int|null,
     * }
     */
    private function oneForOne(Ingredient $ingredient): array
    {
        return [
            'things' => [$ingredient],
            'x' => [$this->equations->out->grams],
            'helpers' => [],
            'distance' => self::NO_STAND_IN,
            'usual' => null,
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
     *     usual: int|null,
     * }> $singles nearest first
     * @return list<array{
     *     things: non-empty-list<Ingredient>,
     *     x: list<float>,
     *     helpers: array<string, float>,
     *     distance: float,
     *     usual: int|null,
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
        foreach (Equations::BASICS as $for) {
            $basic = $this->equations->catalogue->plainFor($for);
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
     * @param bool $isUsual whether a cook takes these for it, and then about as much as there was
     * @return array{
     *     things: non-empty-list<Ingredient>,
     *     x: list<float>,
     *     helpers: array<string, float>,
     *     distance: float,
     *     usual: int|null,
     * }|null
     */
    private function weighedOut(array $things, array $further = [], bool $isUsual = false): ?array
    {
        $columns = array_map(
            fn (Ingredient $thing): array => $this->equations->pulls($this->equations->becomes($thing), $thing),
            $things,
        );
        $isAsMuch = $isUsual && $this->equations->isByWeight();
        $out = $this->equations->out->ingredient;
        $isHerb = $out?->isOf('herb') === true;
        // where vinegar comes in, no other vinegar and no sour fruit has to make it up
        $isAlready = static fn (Ingredient $helper): bool => array_filter(
            $things,
            static fn (Ingredient $thing): bool => array_intersect(
                $thing->roles,
                $helper->roles,
                self::MADE_UP_BY_ITSELF,
            ) !== [],
        ) !== [];
        $helpers = array_filter(
            $this->equations->helpers,
            static fn (array $helper): bool => ! in_array($helper['ingredient'], $things, true)
                // where as much comes in as goes out, no water has to make it up, nor for a leaf
                && ! (($isAsMuch || $isHerb) && $helper['line'] === null && $helper['ingredient']->isPlain('water'))
                && ! $isAlready($helper['ingredient']),
        );
        $b = $this->equations->gap();
        foreach ($further as $r => $more) {
            $b[$r] += $more;
        }
        $figures = count($b);
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
        foreach ($isUsual ? $things : [] as $i => $thing) {
            [$about, $least, $most] = $this->equations->asMuchOf($thing);
            $high[$i] = $thing->mostShare < self::MAKES_IT_UP ? min($high[$i], $most) : $most;
            $of = $this->equations->sharers($things, $thing);
            // the vinegar of "soy sauce and vinegar" is all that is sour in it
            $isItsOwn = $i === 0 || $of < $n;
            // of several things none is more than there was
            $high[$i] = $n > 1 ? min($high[$i], self::ONE_OF_SEVERAL * $this->equations->out->grams) : $high[$i];
            $low[$i] = min($high[$i], $isItsOwn ? $least / $of : (self::BESIDE * $about) / $of);
        }
        $measure = $n === 1 ? $this->kin?->sameMeasure($things[0], $this->equations->out->grams) : null;
        if ($measure !== null) {
            [$as, $about] = $measure;
            $high[0] = (1 + $about) * $as;
            $low[0] = (1 - $about) * $as;
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
        $room = array_sum(array_slice($high, 0, $n));
        if ($isAsMuch && $n > 1 && $room >= self::AS_MUCH * $this->equations->out->grams) {
            // together as much as goes out
            $weight = self::TOGETHER / $this->equations->out->grams;
            $a[] = [...array_fill(0, $n, $weight), ...array_fill(0, count($helpers), 0.0)];
            $b[] = self::TOGETHER;
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
                > self::WORTH_A_LINE
                && ($helper['line'] !== null || self::canBeMeasured([$helper['ingredient']], [$move]))
            ) {
                $moves[$id] = $move;
            }
        }
        $steps = 0.0;
        $whiff = 0.0;
        foreach ($a as $r => $row) {
            if ($r >= $figures) {
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
            'usual' => $isUsual ? 0 : null,
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
     *     usual: int|null,
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
        $again = $off > self::QUIET ? $this->weighedOut($found['things'], $further, $found['usual'] !== null) : null;
        if ($again === null || ! self::canBeMeasured($again['things'], $again['x'])) {
            return $first;
        }
        $second = $this->writer->written(['usual' => $found['usual']] + $again, $found['distance']);
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
