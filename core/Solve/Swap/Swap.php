<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Amount\Kitchenware;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sense;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;
use Vinculum\Pantry\Aroma;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\Brings;
use Vinculum\Safety\Limits;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LeastSquares;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\LineChange;
use Vinculum\Taste\Measure;

/**
 * Stand-ins for one line, each with the amount that keeps the balance and what else has to move for it.
 *
 * Taking the line out leaves, for every figure y of the finished sauce, a gap of m (b − y): m grams that brought b. With x_j grams
 * of a stand-in, and d_k of the few lines that may make up for it,
 *
 *     Σ m_j (b_j − y) x_j + Σ m_k (b_k − y) d_k = m (b − y)      each over the sauce and its noticeable step
 *
 * beside a row for each aroma the line had, one for the mass, and a price on every compensation. What a gram becomes in the pot is
 * taken from what the line itself became there; the best are cooked for real and solved once more from where they land.
 */
final class Swap
{
    private const HELD = ['sweet' => 1.0, 'sour' => 1.0, 'salty' => 1.0, 'umami' => 0.7, 'hot' => 0.7, 'thick' => 0.35, 'rich' => 0.3];

    /** Of an aroma, beside a taste. */
    private const AROMA = 0.8;

    /** A share of the sauce that goes missing, beside a step of taste. */
    private const MASS_SHARE = 0.06;

    /** What a compensation costs, steps for each it moves. */
    private const PRICE = 0.3;

    /** A thing may be added up to so much of the sauce, and a line grow to so many times what it is. */
    private const MOST_SHARE = 0.6;
    private const MOST_GROWTH = 2.0;

    private const FINALISTS = 10;
    private const SHOWN = 8;
    private const POOL = 8;
    private const OF_SINGLES = 4;

    /** A single thing as near as this needs no blend beside it; and one that far off stands in for nothing. */
    private const NEAR = 0.5;
    private const NO_STAND_IN = 9.0;
    private const BLENDS_FINAL = 4;

    /** A taste is what a line is for from this share of it. */
    private const IS_FOR = 0.25;

    /** Steps that nobody notices. */
    private const QUIET = 0.3;

    /** The plain thing for each, by its trait. */
    private const BASICS = ['sweet' => 'plain-sweet', 'sour' => 'plain-sour', 'salty' => 'plain-salty', '' => 'plain-water'];

    private readonly WeighedLine $out;

    private readonly LinearPot $pot;

    private readonly Kitchenware $kit;

    /** @var array<string, float> figures to keep, by Feel value */
    private array $wanted = [];

    /** @var array<int, float> what is left in the sauce of each constituent that a line of this stage brings, as a share */
    private array $left;

    /** @var array<int, float> the same for what is stirred in, where the line itself is whole or lifted out */
    private array $leftOfStirredIn;

    /** @var array<string, float> aroma the line brought, by name */
    private readonly array $aroma;

    private readonly float $aromaWeight;

    /** The taste the line is there for; null where it is there for its aroma or its body. */
    private readonly ?Measure $isFor;

    /** @var array<string, array{line: WeighedLine|null, ingredient: Ingredient, pulls: array<int, float>, least: float, most: float}> */
    private array $helpers = [];

    private function __construct(private readonly Evaluation $from, private readonly Catalogue $catalogue, private readonly int $place, private readonly Criteria $wishes)
    {
        $this->out = $from->cooked->weighed->lines[$place];
        $this->pot = LinearPot::of($from->cooked);
        $this->kit = $from->recipe->kitchenware();
        foreach (Feel::cases() as $feel) {
            $this->wanted[$feel->value] = $feel->value($this->pot);
        }
        $this->left = $this->whatIsLeft($this->out->line->handling);
        $this->leftOfStirredIn = $this->out->line->handling === Handling::In ? $this->left : $this->whatIsLeft(Handling::In);
        $this->aroma = $this->aromaOf();
        $this->isFor = $this->isFor();
        // a gram of garlic smells more than a gram of vinegar
        $this->aromaWeight = self::AROMA * min(1.0, array_sum($this->aroma) / max(1e-9, $this->out->grams));
        $this->findHelpers();
    }

    /**
     * The best stand-ins for a line, nearest first.
     *
     * @param list<string>|null $only slugs to consider; null for all there are
     * @return list<Substitution>
     */
    public static function options(Evaluation $from, Catalogue $catalogue, string $line, Criteria $wishes, ?array $only = null): array
    {
        foreach ($from->cooked->weighed->lines as $place => $weighed) {
            if ($weighed->line->id === $line && $weighed->ingredient !== null && $weighed->grams > 0.0) {
                return (new self($from, $catalogue, $place, $wishes))->ranked($only);
            }
        }

        return [];
    }

    /**
     * Every candidate with its predicted distance, cheaply: what bin/bench times.
     *
     * @param list<string>|null $only
     * @return list<Substitution>
     */
    private function ranked(?array $only): array
    {
        $found = [];
        foreach ($only ?? $this->catalogue->slugs() as $slug) {
            $ingredient = $this->catalogue->find($slug);
            if ($ingredient === null || $ingredient->slug === $this->out->ingredient?->slug || $this->wishes->ruleOut($ingredient) || ($only === null && ! $this->mayStandIn($ingredient))) {
                continue;
            }
            $found[] = $this->weighedOut([$ingredient]) ?? ($only === null ? null : $this->oneForOne($ingredient));
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

    /** Something it is for, or smells of, or what kind of thing it is, is shared. */
    private function mayStandIn(Ingredient $ingredient): bool
    {
        $out = $this->out->ingredient;

        return $out !== null && ($ingredient->group === $out->group || array_intersect($ingredient->roles, array_diff($out->roles, ['aroma', 'base'])) !== []
            || ($out->roles === ['base'] && in_array('base', $ingredient->roles, true)) || array_intersect_key($ingredient->aroma, $this->aroma) !== []);
    }

    /**
     * What somebody asked for although it cannot stand in: as much by weight, so that it can be said what comes of it.
     *
     * @return array{things: non-empty-list<Ingredient>, x: list<float>, helpers: array<string, float>, distance: float}
     */
    private function oneForOne(Ingredient $ingredient): array
    {
        return ['things' => [$ingredient], 'x' => [$this->out->grams], 'helpers' => [], 'distance' => self::NO_STAND_IN];
    }

    /**
     * Two or three things for one, where they do better together than any alone.
     *
     * @param list<array{things: non-empty-list<Ingredient>, x: list<float>, helpers: array<string, float>, distance: float}> $singles nearest first
     * @return list<array{things: non-empty-list<Ingredient>, x: list<float>, helpers: array<string, float>, distance: float}>
     */
    private function blends(array $singles): array
    {
        $pool = [];
        foreach (array_keys($this->aroma) as $aroma) {
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
        foreach (self::BASICS as $trait) {
            $basic = $this->catalogue->having($trait);
            if ($basic !== null && ! $this->wishes->ruleOut($basic) && $basic->slug !== $this->out->ingredient?->slug) {
                $pool[$basic->slug] ??= $basic;
            }
        }
        $pool = array_slice(array_values($pool), 0, self::POOL);
        $nearest = $singles[0]['distance'] ?? INF;
        $found = [];
        foreach ($pool as $i => $one) {
            foreach (array_slice($pool, $i + 1) as $j => $two) {
                $found[] = $this->weighedOut([$one, $two]);
                foreach (array_slice($pool, $i + $j + 2) as $three) {
                    $found[] = $this->weighedOut([$one, $two, $three]);
                }
            }
        }
        $found = array_values(array_filter($found, static fn (?array $each): bool => $each !== null && $each['distance'] < $nearest + 0.8));
        usort($found, static fn (array $a, array $b): int => $a['distance'] <=> $b['distance']);

        return array_slice($found, 0, self::BLENDS_FINAL);
    }

    /** @return array<int, float> */
    private function whatIsLeft(Handling $handling): array
    {
        $left = array_fill(0, Constituent::COUNT, 1.0);
        $order = [$this->place, ...array_keys($this->from->cooked->rows)];
        $isKnown = [];
        foreach ($order as $i) {
            $line = $this->from->cooked->weighed->lines[$i];
            if ($line->stage !== $this->out->stage || $line->line->handling !== $handling || $line->ingredient === null) {
                continue;
            }
            foreach ($line->ingredient->perGram as $constituent => $share) {
                $in = $share * $line->grams;
                if ($in > 1e-9 && ! isset($isKnown[$constituent])) {
                    $left[$constituent] = $this->from->cooked->rows[$i][$constituent] / $in;
                    $isKnown[$constituent] = true;
                }
            }
        }

        return $left;
    }

    /**
     * What a gram of a thing becomes in this stage, g of each constituent.
     *
     * @return list<float>
     */
    private function becomes(Ingredient $ingredient): array
    {
        $perGram = [];
        $left = $this->handlingOf($ingredient) === $this->out->line->handling ? $this->left : $this->leftOfStirredIn;
        foreach ($ingredient->perGram as $constituent => $share) {
            $perGram[] = $share * $left[$constituent];
        }
        if (($this->from->cooked->simmered[$this->place] ?? null) !== null) {
            $perGram[Constituent::STARCH_COOKED] += $ingredient->perGram[Constituent::STARCH_RAW];
            $perGram[Constituent::STARCH_RAW] = 0.0;
        }

        return array_values($perGram);
    }

    /** @return array<string, float> */
    private function aromaOf(): array
    {
        return $this->out->ingredient === null ? [] : array_map(fn (float $strength): float => $strength * $this->out->grams, $this->out->ingredient->aroma);
    }

    /**
     * What a gram of something moves each row by: figures, then aromas, then mass.
     *
     * @param list<float> $becomes
     * @return array<int, float>
     */
    private function pulls(array $becomes, Ingredient $ingredient): array
    {
        $mass = Mixture::massOf($becomes);
        $pulls = [];
        foreach (Feel::cases() as $feel) {
            $wanted = $this->wanted[$feel->value];
            $brings = $mass > 1e-9 ? $this->pot->brings($feel, array_map(static fn (float $each): float => $each / $mass, $becomes), LinearPot::drops($ingredient)) : 0.0;
            $pulls[] = self::HELD[$feel->value] * $mass * ($brings - $wanted) / $feel->perStep($wanted) / $this->pot->mass;
        }
        $all = array_sum($this->aroma);
        if ($all > 0.0) {
            $smells = $ingredient->aroma;
            foreach (array_keys($this->aroma) as $aroma) {
                $pulls[] = $this->aromaWeight * ($smells[$aroma] ?? 0.0) / $all / Sense::Aroma->weber();
            }
            // what it did not smell of before
            $pulls[] = $this->aromaWeight * array_sum(array_diff_key($smells, $this->aroma)) / $all / Sense::Aroma->weber();
        }
        $pulls[] = $mass / $this->pot->mass / self::MASS_SHARE;

        return $pulls;
    }

    /** @return array<int, float> what the line's going leaves to be made up, in the same rows */
    private function gap(): array
    {
        $row = $this->from->cooked->rows[$this->place] ?? array_fill(0, Constituent::COUNT, 0.0);
        $ingredient = $this->out->ingredient;
        if ($ingredient === null) {
            return [];
        }
        $gap = $this->pulls(array_values($row), $ingredient);
        $at = count(Feel::cases());
        foreach ($this->aroma as $strength) {
            $gap[$at++] = $this->aromaWeight * $strength / array_sum($this->aroma) / Sense::Aroma->weber();
        }
        if ($this->aroma !== []) {
            $gap[$at] = 0.0;
        }

        return $gap;
    }

    /** Lines that may make up for what a stand-in lacks: what is sweetest, sourest, saltiest already, or the plain thing. */
    private function findHelpers(): void
    {
        $weighed = $this->from->cooked->weighed->lines;
        $roles = ['sweet' => 'sweet', 'sour' => 'acid', 'salty' => 'salty'];
        foreach (self::BASICS as $for => $basic) {
            $best = null;
            foreach ($this->from->cooked->rows as $i => $row) {
                $line = $weighed[$i];
                $isFree = $i !== $this->place && $line->source === $i && ! $line->line->lock && $line->ingredient !== null && $line->grams > 0.0;
                if (! $isFree || $this->isFollowed($i)) {
                    continue;
                }
                $own = $for === '' ? ($line->ingredient->is('plain-water') ? 1.0 : 0.0)
                    : (in_array($roles[$for], $line->ingredient->roles, true) ? $this->from->tasting->measures[Feel::from($for)->measure()->value ?? '']->contributions[$i] ?? 0.0 : 0.0);
                if ($own > ($best[1] ?? 0.0)) {
                    $best = [$i, $own];
                }
            }
            $line = $best === null ? null : $weighed[$best[0]];
            if ($best !== null && $line?->ingredient !== null) {
                $row = array_values(array_map(static fn (float $each): float => $each / $line->grams, $this->from->cooked->rows[$best[0]]));
                $this->helpers[$line->line->id] = ['line' => $line, 'ingredient' => $line->ingredient, 'pulls' => $this->pulls($row, $line->ingredient), 'least' => -0.9 * $line->grams, 'most' => self::MOST_GROWTH * $line->grams];
            } elseif (($ingredient = $this->catalogue->having($basic)) !== null && ! $this->wishes->ruleOut($ingredient) && $ingredient->slug !== $this->out->ingredient?->slug) {
                $this->helpers[$basic] = ['line' => null, 'ingredient' => $ingredient, 'pulls' => $this->pulls($this->becomes($ingredient), $ingredient), 'least' => 0.0, 'most' => self::MOST_SHARE * $this->pot->mass];
            }
        }
    }

    private function isFollowed(int $place): bool
    {
        foreach ($this->from->cooked->weighed->lines as $i => $line) {
            if ($i !== $place && $line->source === $place) {
                return true;
            }
        }

        return false;
    }

    /**
     * How much of these, and of the helpers, makes the gap good; null where none of them goes in.
     *
     * @param non-empty-list<Ingredient> $things
     * @param array<int, float> $further what is still missing once it was cooked, by row
     * @return array{things: non-empty-list<Ingredient>, x: list<float>, helpers: array<string, float>, distance: float}|null
     */
    private function weighedOut(array $things, array $further = []): ?array
    {
        $columns = array_map(fn (Ingredient $thing): array => $this->pulls($this->becomes($thing), $thing), $things);
        $helpers = array_filter($this->helpers, static fn (array $helper): bool => ! in_array($helper['ingredient'], $things, true));
        $b = $this->gap();
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
        $high = array_fill(0, $n, self::MOST_SHARE * 2 * $this->pot->mass);
        $k = $n;
        foreach ($helpers as $helper) {
            $price = array_fill(0, $n + count($helpers), 0.0);
            $price[$k++] = self::PRICE * sqrt(array_sum(array_map(static fn (float $pull): float => $pull ** 2, array_slice($helper['pulls'], 0, 5))));
            $a[] = $price;
            $b[] = 0.0;
            $low[] = $helper['least'];
            $high[] = $helper['most'];
        }
        $x = LeastSquares::solve($a, array_values($b), $low, $high)->x;
        $amounts = array_slice($x, 0, $n);
        if ($amounts === [] || min($amounts) < 1e-3 || array_sum($amounts) < 1e-3 * $this->pot->mass * ($n > 1 ? 1 : 0)) {
            return null;
        }
        $moves = [];
        $k = $n;
        foreach ($helpers as $id => $helper) {
            $move = $x[$k++];
            if (abs($move) * sqrt(array_sum(array_map(static fn (float $pull): float => $pull ** 2, array_slice($helper['pulls'], 0, 5)))) > self::QUIET) {
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

        return ['things' => $things, 'x' => $amounts, 'helpers' => $moves, 'distance' => $this->distance($things, $amounts, sqrt($steps), sqrt($whiff), count($moves))];
    }

    /**
     * How far a stand-in is from what it stands in for: what it leaves of taste and smell, what else it is for, how much else has
     * to move, and what the maker has and remembers. In steps, about.
     *
     * @param non-empty-list<Ingredient> $things
     * @param list<float> $grams
     */
    private function distance(array $things, array $grams, float $steps, float $whiff, int $helpers): float
    {
        $out = $this->out->ingredient;
        if ($out === null) {
            return INF;
        }
        $roles = array_values(array_unique(array_merge(...array_map(static fn (Ingredient $thing): array => $thing->roles, $things))));
        $shared = count(array_intersect($out->roles, $roles)) / max(1, count(array_unique([...$out->roles, ...$roles])));
        $weights = array_sum($grams);
        // a line that is there for its taste is missed less for its smell
        $distance = 1.2 * $steps + ($this->isFor === null ? 1.0 : 0.3) * min(3.0, $whiff) + 2.0 * (1 - $shared) + 0.3 * $helpers + 0.35 * (count($things) - 1);
        foreach ($things as $i => $thing) {
            $share = $grams[$i] / $weights;
            $distance += $share * (1.2 * (1 - Aroma::likeness($out, $thing)) + ($thing->group === $out->group ? 0.0 : 0.6) + ($thing->form === $out->form ? 0.0 : 0.6));
            $distance += $this->wishes->isToCheck($thing) ? 0.7 : 0.0;
            $distance -= in_array($thing->slug, $this->wishes->onHand, true) ? 0.6 * $share : 0.0;
            $distance -= in_array($thing->slug, $this->wishes->inSeason, true) ? 0.4 * $share : 0.0;
            $distance += in_array($thing->slug, $this->wishes->outOfSeason, true) ? 0.4 * $share : 0.0;
            $distance -= 4.0 * ($this->wishes->remembered[$thing->slug] ?? 0);
        }
        // fifty times as much of a thing, or a fiftieth, is something else
        $distance += max(0.0, abs(log($weights / $this->out->grams)) - 2.5);

        return $distance;
    }

    /**
     * Written down, cooked, and solved once more from where it lands.
     *
     * @param array{things: non-empty-list<Ingredient>, x: list<float>, helpers: array<string, float>, distance: float} $found
     */
    private function cooked(array $found): Substitution
    {
        $first = $this->written($found, $found['distance']);
        $further = [];
        $off = 0.0;
        foreach (Feel::cases() as $r => $feel) {
            $further[$r] = -self::HELD[$feel->value] * $first->steps[$feel->value];
            $off = max($off, abs($further[$r]));
        }
        $again = $off > self::QUIET ? $this->weighedOut($found['things'], $further) : null;
        if ($again === null) {
            return $first;
        }
        $second = $this->written($again, $found['distance']);
        $size = static fn (Substitution $each): float => array_sum(array_map(static fn (float $steps, string $feel): float => (self::HELD[$feel] * $steps) ** 2, $each->steps, array_keys($each->steps)));

        return $size($second) < $size($first) ? $second : $first;
    }

    /**
     * @param array{things: non-empty-list<Ingredient>, x: list<float>, helpers: array<string, float>, distance: float} $found
     */
    private function written(array $found, float $distance): Substitution
    {
        $with = [];
        foreach ($found['things'] as $i => $thing) {
            $text = LineWriter::fresh($found['x'][$i], $thing, $this->kit, 0.1);
            $with[] = new Addition($thing, LineWriter::gramsOf($text, $thing, null, $this->kit) ?? $found['x'][$i], $text);
        }
        $amounts = [];
        $added = [];
        foreach ($found['helpers'] as $id => $move) {
            $helper = $this->helpers[$id];
            if ($helper['line'] === null) {
                $text = LineWriter::fresh($move, $helper['ingredient'], $this->kit, 0.12);
                $added[] = new Addition($helper['ingredient'], LineWriter::gramsOf($text, $helper['ingredient'], null, $this->kit) ?? $move, $text);
                continue;
            }
            $factor = 1 + $move / $helper['line']->grams;
            foreach (LineWriter::ways($helper['line'], $factor, $this->kit) as $way) {
                $grams = LineWriter::gramsOf($way, $helper['ingredient'], $helper['line']->line->prep, $this->kit);
                $amounts[$id] = $way;
                if ($grams !== null && abs($grams / $helper['line']->grams / $factor - 1) < 0.08) {
                    break;
                }
            }
        }
        $recipe = $this->rewritten($with, $added)->withAmounts($amounts);
        $after = Evaluation::of($recipe, $this->catalogue, $this->from->style);
        $spoonful = LinearPot::of($after->cooked);
        $steps = [];
        foreach (Feel::cases() as $feel) {
            $steps[$feel->value] = $feel->steps($this->wanted[$feel->value], $feel->value($spoonful));
        }
        $before = Allergens::of($this->from->cooked->weighed)['contains'];
        $now = Allergens::of($after->cooked->weighed)['contains'];

        return new Substitution(
            $with,
            $this->changes($amounts, $after),
            $added,
            $steps,
            array_map(strval(...), array_keys(array_diff_key($now, $before))),
            array_map(strval(...), array_keys(array_diff_key($before, $now))),
            Notes::of($this->from, $after, $this->out, $with, $steps, $this->isFor, $found['helpers'] === []),
            Limits::approached($this->from->estimates, $after->estimates),
            Brings::between($this->from->cooked->weighed, $after->cooked->weighed),
            $this->otherHandling($with),
            $distance,
            $after,
            $recipe,
        );
    }

    /**
     * What went in whole goes in whole again only where it comes in pieces: stirred in, it gives all it has at once.
     */
    private function handlingOf(Ingredient $ingredient): Handling
    {
        $handling = $this->out->line->handling;
        $isPiece = $ingredient->form === Form::Pieces && ! $ingredient->is('ground');

        return $isPiece ? $handling : Handling::In;
    }

    /** @param non-empty-list<Addition> $with */
    private function otherHandling(array $with): ?Sentence
    {
        $was = $this->out->line->handling;
        foreach ($with as $addition) {
            if ($this->handlingOf($addition->ingredient) !== $was) {
                return $was === Handling::Whole
                    ? Sentence::of('The {out} went in whole and gave about a tenth of what it has. {in} stirred in gives all of it, and cannot be lifted out again: the amount counts that.', [
                        'out' => $this->out->ingredient?->shortName() ?? '', 'in' => ucfirst($addition->ingredient->shortName()),
                    ])
                    : Sentence::of('The {out} was lifted out; {in} stays in.', ['out' => $this->out->ingredient?->shortName() ?? '', 'in' => $addition->ingredient->shortName()]);
            }
        }

        return null;
    }

    private function isFor(): ?Measure
    {
        $best = null;
        $most = self::IS_FOR;
        foreach (Measure::cases() as $measure) {
            $tasted = $this->from->tasting->measures[$measure->value];
            $share = $tasted->figure->value > $measure->threshold() ? ($tasted->contributions[$this->place] ?? 0.0) / $tasted->figure->value : 0.0;
            if ($share > $most) {
                [$best, $most] = [$measure, $share];
            }
        }

        return $best;
    }

    /**
     * @param non-empty-list<Addition> $with
     * @param list<Addition> $added
     */
    private function rewritten(array $with, array $added): Recipe
    {
        $recipe = $this->from->recipe;
        $fresh = $recipe->freshId('w');

        return $recipe->withStages(array_map(function (Stage $stage) use ($with, $added, $fresh): Stage {
            $lines = [];
            foreach ($stage->lines as $line) {
                if ($line->id !== $this->out->line->id) {
                    $lines[] = $line;
                    continue;
                }
                foreach ($with as $i => $addition) {
                    $lines[] = new Line($i === 0 ? $line->id : "{$fresh}-{$i}", $addition->ingredient->slug, $addition->text, null, $this->handlingOf($addition->ingredient), $line->extent, optional: $line->optional, note: $line->note, extra: $line->extra);
                }
            }
            foreach ($stage->id === $this->out->stage->id ? $added : [] as $i => $addition) {
                $lines[] = new Line("{$fresh}-b{$i}", $addition->ingredient->slug, $addition->text);
            }

            return $stage->withLines($lines);
        }, $recipe->stages));
    }

    /**
     * @param array<string, string> $amounts
     * @return list<LineChange>
     */
    private function changes(array $amounts, Evaluation $after): array
    {
        $grams = [];
        foreach ($after->cooked->weighed->lines as $line) {
            $grams[$line->line->id] = $line->grams;
        }
        $changes = [];
        foreach ($this->from->cooked->weighed->lines as $line) {
            $text = $amounts[$line->line->id] ?? null;
            if ($text !== null && $text !== $line->line->amount) {
                $changes[] = new LineChange($line->line->id, $line->grams, $grams[$line->line->id] ?? 0.0, $text, Sentence::of('makes up for it'));
            }
        }

        return $changes;
    }
}
