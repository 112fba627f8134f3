<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Amount\Kitchenware;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Thickness;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\Process;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Until;
use Vinculum\Safety\Limits;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LeastSquares;
use Vinculum\Solve\LinearPot;
use Vinculum\Taste\Ratio;

/**
 * A pot that does not taste right, mended by what can still be done to it: adding things, boiling off water.
 *
 * With M grams in the pot, y a figure there, y* where it should be, and e_j what a gram of addition j brings of it,
 *
 *     Σ (e_j − y*) x_j = (y* − y) M      for every figure, so that it lands on y*
 *
 * which is linear in the amounts x ≥ 0 whatever they come to: their total need not be searched for. Each figure is a row,
 * divided by M and by its value of a noticeable step; what was named weighs six times what is only held. Every set of one, two
 * or three of a dozen candidates is solved so. The best are solved again where they land, since pH, umami and thickness bend,
 * written in spoons, and judged as written: what lands, and disturbs least, with fewest things and least mass, comes first.
 */
final readonly class Rescue
{
    public const TO_TASTE = 'x-to-taste';

    private const NAMED = 6.0;
    private const HELD = ['sweet' => 1.0, 'sour' => 1.0, 'salty' => 1.0, 'umami' => 0.7, 'hot' => 0.7, 'thick' => 0.35, 'rich' => 0.3];
    private const PIN = 3.0;
    private const PIN_STEP = 0.05;

    /** Only decides between sets that do equally well. */
    private const MASS = 1e-4;

    private const CANDIDATES = 12;
    private const REFINED = 16;
    private const ROUNDS = 3;
    private const SHOWN = 6;
    private const OF_A_KIND = 2;

    /** Two things whose effects point within this cosine of each other are the same remedy. */
    private const ALIKE = 0.995;

    /** At most so many times the pot of any one thing. */
    private const MOST = 3.0;

    /** A named taste lands where it is within so many steps of where it should be. */
    private const LANDS = 0.35;

    /** Steps that what is only held may move without being noticed. */
    private const QUIET = 0.5;

    /** Where something is noticed anyway, one thing more has to save so many steps. */
    private const A_THING = 0.25;

    /** Share of fat in drops from which a sauce breaks when it boils. */
    private const BREAKS = 0.15;

    /** Share of a taste from which one line is what it hangs on. */
    private const BRINGS_MOST = 0.5;

    /** Boiling takes a while: as good as a tenth more in the pot. */
    private const TIME = 0.1;

    /** From this growth on, it is worth splitting the pot; beyond the second no addition is a mend. */
    private const SPLIT_FROM = 0.35;
    private const ABSURD = 1.0;

    /** What leaves more than this share of what is wrong is no remedy. */
    private const HELPS = 0.7;

    /** A dose of so many steps or more is better added in halves. */
    private const STRONG = 0.8;
    private const STRONG_ROLES = ['salty', 'hot', 'acid', 'umami'];

    /** Fat beyond which a thing dilutes nothing that is dissolved in water. */
    private const FATTY = 0.4;

    /** What a cold sauce tastes less sweet than hot, steps; judgement, after the usual advice to season cold things more. */
    private const COLD_IS_LESS_SWEET = 0.5;

    /** Writing an amount down may move a taste by so many steps. */
    private const WRITING = 0.25;
    private const WRITING_SHARE = 0.2;

    private LinearPot $pot;

    /** @var array<string, float> where each figure should be, by Feel value */
    private array $wanted;

    /** @var list<Ingredient> */
    private array $things;

    /** @var array<string, list<float>> g per g, as it is once stirred in, by slug; what is boiled off is '' */
    private array $perGram;

    /**
     * @param array<string, float> $feels steps by Feel value, positive is too much
     * @param list<Ingredient> $have
     */
    private function __construct(private Evaluation $from, private Catalogue $catalogue, private array $feels, private PotState $state, array $have, private Kitchenware $kit)
    {
        $mass = $from->cooked->mixture->mass();
        $this->pot = LinearPot::of($from->cooked, ($state->grams ?? $mass) / ($mass - $state->boiledFurther))->with([], $state->boiledFurther * ($state->grams ?? $mass) / ($mass - $state->boiledFurther));
        $wanted = [];
        foreach (Feel::cases() as $feel) {
            $value = $feel->value($this->pot);
            // before a reduction it is weaker than it will be: what should be right is the finished sauce
            $tasted = $feel->measure() === null ? $value : $value / $this->concentrates();
            $wanted[$feel->value] = isset($feels[$feel->value]) ? $feel->moved($tasted, -$this->cold($feel, $feels[$feel->value])) : $value;
        }
        $this->wanted = $wanted;
        $this->things = array_values(array_filter($have, $this->mayGoIn(...)));
        $perGram = ['' => $this->pot->steam()];
        foreach ($this->things as $thing) {
            $perGram[$thing->slug] = LinearPot::stirredIn($thing);
        }
        $this->perGram = $perGram;
    }

    /**
     * @param array<string, float> $feels steps by Feel value, positive is too much, none of them 0
     * @param list<Ingredient> $have what may go in, besides water
     */
    public static function of(Evaluation $from, Catalogue $catalogue, array $feels, array $have, ?PotState $pot = null): Rescued
    {
        $pot ??= new PotState;
        $water = $catalogue->having('plain-water');
        $have = array_values(array_filter([$water, ...$have]));
        $problem = new self($from, $catalogue, $feels, $pot, self::distinct($have), $from->recipe->kitchenware());

        return $problem->rescued();
    }

    /**
     * @param list<Ingredient> $things
     * @return list<Ingredient>
     */
    private static function distinct(array $things): array
    {
        $bySlug = [];
        foreach ($things as $thing) {
            $bySlug[$thing->slug] ??= $thing;
        }

        return array_values($bySlug);
    }

    /** How much stronger the sauce will be once the stages from the one it was tasted before have boiled down. */
    private function concentrates(): float
    {
        $factor = 1.0;
        $isAfter = false;
        foreach ($this->from->cooked->stages as $report) {
            $isAfter = $isAfter || $report->stage->id === $this->state->beforeStage;
            if ($isAfter && $report->massIn > $report->boiledOff) {
                $factor *= $report->massIn / ($report->massIn - $report->boiledOff);
            }
        }

        return $factor;
    }

    /** What was said of it hot, as it will be cold. */
    private function cold(Feel $feel, float $steps): float
    {
        return ! $this->state->isHot ? $steps : match ($feel) {
            Feel::Sweet => $steps - self::COLD_IS_LESS_SWEET,
            Feel::Thick => $steps + Feel::Thick->steps(0.0, Thickness::HOT),
            default => $steps,
        };
    }

    /** What can be stirred into a finished sauce; fat dilutes nothing but heat, and makes it richer. */
    private function mayGoIn(Ingredient $thing): bool
    {
        $isFatty = $thing->perGram[Constituent::FAT] > self::FATTY;
        $mayBeFatty = array_intersect(array_keys($this->feels), [Feel::Hot->value, Feel::Rich->value, Feel::Thick->value]) !== [];
        $isRaw = $thing->form === Form::Pieces && in_array($thing->group, ['fruit', 'vegetables', 'tomato'], true);
        $isAroma = array_diff($thing->roles, ['aroma']) === [];

        return (! $isFatty || $mayBeFatty) && ! $isRaw && ! $isAroma && $thing->group !== 'blends';
    }

    private function rescued(): Rescued
    {
        $candidates = $this->candidates();
        $rows = $this->rows($candidates, $this->pot);
        $found = [];
        foreach (self::sets(array_keys($candidates)) as $places) {
            $found[] = $this->predicted($candidates, $places, $rows);
        }
        $doses = [];
        foreach (array_slice($this->ofEachKind(self::news($found)), 0, self::REFINED) as $each) {
            $dose = $this->refined($each['set']);
            if ($dose !== [] && $dose['helps']) {
                $doses[] = $dose;
            }
        }
        $doses = $this->ofEachKind(self::news($doses));
        $remedies = array_map(fn (array $dose): Remedy => $this->remedy($dose['grams'], $dose['texts'], $dose['boil']), array_slice($doses, 0, self::SHOWN));
        $note = $this->note($remedies);
        if ($remedies === [] || $remedies[0]->growth() > self::ABSURD) {
            $remedies = [...array_filter([$this->secondBatch()]), ...$remedies];
        }

        return new Rescued($remedies, $this->feels, $this->from, $note);
    }

    /** Everything but the line that brings most of what is too much, as often as that takes. */
    private function secondBatch(): ?Remedy
    {
        $feels = $this->feels;
        arsort($feels);
        $measure = Feel::from((string) array_key_first($feels))->measure();
        $by = $measure === null ? [] : $this->from->tasting->measures[$measure->value]->contributions;
        if ($measure === null || $by === [] || reset($feels) <= 0.0) {
            return null;
        }
        arsort($by);
        $most = array_key_first($by);
        $value = $this->from->tasting->value($measure);
        $room = $this->wanted[Feel::ofMeasure($measure)->value] - $value + $by[$most];
        if ($room <= 0.0 || $by[$most] < self::BRINGS_MOST * $value) {
            return null;
        }

        return BatchExtension::byFactor($this->from, $this->catalogue, [$this->from->cooked->weighed->lines[$most]->line->id], $by[$most] / $room, $this->state, $this->feels);
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
        [, $right] = $this->rows([], $this->pot);
        $slugs = array_keys($this->perGram);
        foreach ($slugs as $slug) {
            if ($slug === '' && ! $this->mayBoil()) {
                continue;
            }
            $columns[$slug] = array_slice(array_column($this->rows([$slug], $this->pot)[0], 0), 0, count($right));
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
            $isAlike = array_filter($chosen, static fn (string $other): bool => $other !== '' && $slug !== '' && self::dot($columns[$slug], $columns[$other]) > self::ALIKE * sqrt($lengths[$slug] * $lengths[$other])) !== [];
            if ($isAlike) {
                $alike[] = $slug;
            } else {
                $chosen[] = $slug;
            }
        }

        return array_slice([...array_slice($chosen, 0, self::CANDIDATES), ...$alike], 0, self::CANDIDATES);
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

    /** Boiling off is a remedy for what is thin or weak, and breaks what is held together by egg. */
    private function mayBoil(): bool
    {
        return $this->from->estimates->emulsifiedFat() < self::BREAKS * $this->from->cooked->mixture->mass() && array_filter($this->feels, static fn (float $steps): bool => $steps < 0.0) !== [];
    }

    /**
     * The rows of a set of additions at a pot: a row a figure, and one to prefer less.
     *
     * @param list<string> $set
     * @param list<float> $there how much of each is in already
     * @return array{array<int, array<int, float>>, array<int, float>}
     */
    private function rows(array $set, LinearPot $at, array $there = []): array
    {
        $a = [];
        $b = [];
        foreach (Feel::cases() as $feel) {
            $value = $feel->value($at);
            $wanted = $this->wanted[$feel->value];
            $weight = (isset($this->feels[$feel->value]) ? self::NAMED : self::HELD[$feel->value]) / $feel->perStep($wanted) / $this->pot->mass;
            $row = [];
            $right = ($wanted - $value) * $at->mass;
            foreach ($set as $i => $slug) {
                $pull = $this->brings($feel, $slug, $at) - ($slug === '' ? -$wanted : $wanted);
                $row[] = $weight * $pull;
                $right += $pull * ($there[$i] ?? 0.0);
            }
            $a[] = $row;
            $b[] = $weight * $right;
        }
        foreach ($this->from->recipe->pins as $pin) {
            [$row, $right] = $this->pinned(Ratio::from($pin['ratio']), $pin['value'], $set, $at, $there);
            $a[] = $row;
            $b[] = $right;
        }
        foreach (array_keys($set) as $i) {
            $row = array_fill(0, count($set), 0.0);
            $row[$i] = self::MASS / $this->pot->mass;
            $a[] = $row;
            $b[] = 0.0;
        }

        return [$a, $b];
    }

    /** What is boiled off is water, taken away. */
    private function brings(Feel $feel, string $slug, LinearPot $at): float
    {
        return $slug === '' ? -$at->brings($feel, $this->perGram[''], 0.0) : $at->brings($feel, $this->perGram[$slug], LinearPot::drops($this->thing($slug)));
    }

    /**
     * A ratio that is held, over − v · under = 0, in steps of 5 % of it.
     *
     * @param list<string> $set
     * @param list<float> $there
     * @return array{list<float>, float}
     */
    private function pinned(Ratio $ratio, float $value, array $set, LinearPot $at, array $there): array
    {
        $over = Feel::ofMeasure($ratio->over());
        $under = Feel::ofMeasure($ratio->under());
        $weight = self::PIN / (self::PIN_STEP * max(1e-9, $value * $under->value($at))) / $this->pot->mass;
        $row = [];
        $right = -($over->value($at) - $value * $under->value($at)) * $at->mass;
        foreach ($set as $i => $slug) {
            $pull = $this->brings($over, $slug, $at) - $value * $this->brings($under, $slug, $at);
            $row[] = $weight * $pull;
            $right += $pull * ($there[$i] ?? 0.0);
        }

        return [$row, $weight * $right];
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
        $x = LeastSquares::solve($a, $b, array_fill(0, count($set), 0.0), $this->most($set))->x;
        $mass = $this->massOf($set, $x);
        $steps = [];
        foreach (Feel::cases() as $r => $feel) {
            $off = -$b[$r];
            foreach ($a[$r] as $i => $value) {
                $off += $value * $x[$i];
            }
            $weight = isset($this->feels[$feel->value]) ? self::NAMED : self::HELD[$feel->value];
            $steps[$feel->value] = $off / $weight * $this->pot->mass / ($this->pot->mass + $mass);
        }
        $used = array_values(array_filter($set, static fn (string $slug, int $i): bool => $x[$i] > 1e-4, ARRAY_FILTER_USE_BOTH));

        return ['set' => $used, 'slugs' => $used, 'rank' => $this->rank($steps, count($used), $mass, in_array('', $used, true))];
    }

    /**
     * @param list<string> $set
     * @return list<float>
     */
    private function most(array $set): array
    {
        return array_map(fn (string $slug): float => $slug === '' ? 0.9 * $this->pot->mixture->grams[Constituent::WATER] : self::MOST * $this->pot->mass, $set);
    }

    /**
     * @param list<string> $set
     * @param list<float> $x
     */
    private function massOf(array $set, array $x): float
    {
        $mass = 0.0;
        foreach ($set as $i => $slug) {
            $mass += $slug === '' ? -$x[$i] : $x[$i];
        }

        return $mass;
    }

    /**
     * What comes first: that it lands, then that nothing else is noticed, then few things, then little mass; where something
     * is noticed, that all of it together is little for the things it takes.
     *
     * @param array<string, float> $steps left
     * @return list<float|int>
     */
    private function rank(array $steps, int $count, float $mass, bool $boils): array
    {
        $miss = 0.0;
        $moved = 0.0;
        $disturbed = 0.0;
        foreach ($steps as $feel => $left) {
            if (isset($this->feels[$feel])) {
                $miss = max($miss, abs($left));
            } else {
                $each = abs($left) * min(1.0, self::HELD[$feel] + 0.3);
                $moved = max($moved, $each);
                $disturbed += $each ** 2;
            }
        }
        $growth = abs($mass) / $this->pot->mass;
        // boiling is more work than a spoon, and moves everything
        $count += $boils ? 1 : 0;
        $isQuiet = $moved <= self::QUIET;

        return [
            $miss <= self::LANDS ? 0 : (int) ceil(2 * $miss),
            $growth > self::ABSURD ? 1 : 0,
            $isQuiet ? 0 : 1,
            $isQuiet ? $count : sqrt($disturbed) + self::A_THING * $count + $growth,
            // half a step of what is disturbed weighs as much as a tenth of the pot
            $growth + 0.2 * $moved + ($boils ? self::TIME : 0.0),
        ];
    }

    /**
     * Solved again where it lands, and written in spoons.
     *
     * @param list<string> $set
     * @return array{grams: array<string, float>, texts: array<string, string>, boil: float, slugs: list<string>, rank: list<float|int>, helps: bool}|array{}
     */
    private function refined(array $set): array
    {
        $x = array_fill(0, count($set), 0.0);
        $at = $this->pot;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$a, $b] = $this->rows($set, $at, $x);
            $x = LeastSquares::solve($a, $b, array_fill(0, count($set), 0.0), $this->most($set))->x;
            $at = $this->stirred($set, $x);
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
            $thing = $this->thing($slug);
            $text = LineWriter::fresh($x[$i], $thing, $this->kit, $this->tolerance($slug, $x[$i], $at));
            $written = LineWriter::gramsOf($text, $thing, null, $this->kit);
            if ($written !== null && $written > 0.0) {
                $grams[$slug] = $written;
                $texts[$slug] = $text;
            }
        }
        if ($grams === [] && $boil <= 0.0) {
            return [];
        }
        $steps = $this->left($this->stirred(array_map(strval(...), [...array_keys($grams), '']), [...array_values($grams), $boil]));

        $slugs = array_map(strval(...), [...array_keys($grams), ...($boil > 0.0 ? [''] : [])]);

        return ['grams' => $grams, 'texts' => $texts, 'boil' => $boil, 'slugs' => $slugs, 'rank' => $this->rank($steps, count($slugs), array_sum($grams) - $boil, $boil > 0.0), 'helps' => $this->helps($steps)];
    }

    /**
     * Whether it takes away a good part of what is wrong.
     *
     * @param array<string, float> $steps left
     */
    private function helps(array $steps): bool
    {
        $before = 0.0;
        $after = 0.0;
        foreach (array_keys($this->feels) as $feel) {
            $before += $this->left($this->pot)[$feel] ** 2;
            $after += $steps[$feel] ** 2;
        }

        return $after <= self::HELPS ** 2 * $before;
    }

    /** Share by which an amount may be off, for no taste to move by more than writing it down may. */
    private function tolerance(string $slug, float $grams, LinearPot $at): float
    {
        return min(self::WRITING_SHARE, self::WRITING / max(1e-6, $this->dose($slug, $grams, $at)));
    }

    /** The most steps that so much of something moves any taste by. */
    private function dose(string $slug, float $grams, LinearPot $at): float
    {
        $most = 0.0;
        foreach (Feel::cases() as $feel) {
            if ($feel->measure() !== null) {
                $most = max($most, abs($this->brings($feel, $slug, $at) - $feel->value($at)) * $grams / $at->mass / $feel->perStep($feel->value($at)));
            }
        }

        return $most;
    }

    /**
     * @param list<string> $set
     * @param list<float> $x
     */
    private function stirred(array $set, array $x): LinearPot
    {
        $additions = [];
        $off = 0.0;
        foreach ($set as $i => $slug) {
            if ($slug === '') {
                $off += $x[$i];
            } else {
                $additions[] = [$this->thing($slug), $x[$i]];
            }
        }

        return $this->pot->with($additions, $off);
    }

    /**
     * @return array<string, float> steps by Feel value: positive is more than it should be
     */
    private function left(LinearPot $at): array
    {
        $left = [];
        foreach (Feel::cases() as $feel) {
            $left[$feel->value] = $feel->steps($this->wanted[$feel->value], $feel->value($at));
        }

        return $left;
    }

    /**
     * Best first, without what only adds something to a better one and does no better.
     *
     * @template T of array{slugs: list<string>, rank: list<float|int>, ...}
     *
     * @param list<T> $found
     * @return list<T>
     */
    private static function news(array $found): array
    {
        usort($found, static fn (array $a, array $b): int => $a['rank'] <=> $b['rank']);
        $news = [];
        foreach ($found as $each) {
            $isOld = $each['slugs'] === [];
            foreach ($news as $better) {
                $isOld = $isOld || (array_diff($better['slugs'], $each['slugs']) === [] && array_slice($better['rank'], 0, 4) <= array_slice($each['rank'], 0, 4));
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
    private function ofEachKind(array $found): array
    {
        $seen = [];

        return array_values(array_filter($found, function (array $each) use (&$seen): bool {
            $kinds = array_map(fn (string $slug): string => $slug === '' ? '' : $this->thing($slug)->group.($this->thing($slug)->is('plain-water') ? ' water' : ''), $each['slugs']);
            sort($kinds);
            $kind = implode(' + ', $kinds);
            $seen[$kind] = ($seen[$kind] ?? 0) + 1;

            return $seen[$kind] <= self::OF_A_KIND;
        }));
    }

    /**
     * @param array<string, float> $grams
     * @param array<string, string> $texts
     */
    private function remedy(array $grams, array $texts, float $boil): Remedy
    {
        $additions = [];
        foreach ($grams as $slug => $each) {
            $additions[] = new Addition($this->thing($slug), $each, $texts[$slug]);
        }
        $at = $this->stirred(array_map(strval(...), [...array_keys($grams), '']), [...array_values($grams), $boil]);
        $recipe = $this->applied($additions, $boil, 1.0);
        $after = Evaluation::of($recipe, $this->catalogue, $this->from->style);
        $isStrong = false;
        foreach ($additions as $addition) {
            $isStrong = $isStrong || (array_intersect($addition->ingredient->roles, self::STRONG_ROLES) !== [] && $this->dose($addition->ingredient->slug, $addition->grams, $this->pot) >= self::STRONG);
        }
        $left = $this->left($at);

        return new Remedy($additions, $boil, $this->pot->mass, $at->mass, $left, $after, $recipe, $isStrong ? $this->applied($additions, $boil, 0.5) : null, $this->remark($additions, $at, $left), Limits::approached($this->from->estimates, $after->estimates));
    }

    /**
     * The recipe with the remedy behind its last stage. Where the pot is not what the recipe makes, in proportion.
     *
     * @param list<Addition> $additions
     */
    private function applied(array $additions, float $boil, float $share): Recipe
    {
        $recipe = $this->from->recipe;
        $planned = $this->from->cooked->mixture->mass();
        $scale = ($planned - $this->state->boiledFurther) / $this->pot->mass;
        $stages = $recipe->stages;
        if ($this->state->boiledFurther > 0.0) {
            $stages[] = new Stage($recipe->freshId('s'), 'Boiled down further', [], new Process(ProcessKind::Simmer, until: new Until('mass_g', $planned - $this->state->boiledFurther)));
        }
        $lines = [];
        $thickens = false;
        foreach ($additions as $i => $addition) {
            $grams = $addition->grams * $share * $scale;
            $text = abs($scale * $share - 1) < 1e-9 ? $addition->text : LineWriter::weighed($grams, $this->kit);
            $lines[] = new Line($recipe->freshId('a').'-'.($i + 1), $addition->ingredient->slug, $text);
            $thickens = $thickens || $addition->ingredient->perGram[Constituent::STARCH_RAW] > 0.5;
        }
        $next = $recipe->freshId('t');
        if ($lines !== []) {
            $stages[] = new Stage($next, 'To taste', $lines, $thickens ? new Process(ProcessKind::Simmer, minutes: 1.0, lid: true) : null, extra: [self::TO_TASTE => true]);
        }
        if ($boil > 0.0) {
            $added = array_sum(array_map(static fn (Addition $addition): float => $addition->grams, $additions)) * $share;
            $stages[] = new Stage("{$next}-b", 'Boil down to taste', [], new Process(ProcessKind::Simmer, until: new Until('loss_percent', round(100 * $boil * $share / ($this->pot->mass + $added), 2))), extra: [self::TO_TASTE => true]);
        }

        return $recipe->withStages($stages);
    }

    /**
     * @param list<Addition> $additions
     * @param array<string, float> $left
     */
    private function remark(array $additions, LinearPot $after, array $left): Sentence
    {
        $remarks = [];
        foreach ($additions as $addition) {
            if ($addition->ingredient->perGram[Constituent::STARCH_RAW] > 0.5) {
                $remarks[] = Sentence::of('Stir the {name} into as much cold water first, then bring it to the boil.', ['name' => $addition->ingredient->shortName()]);
            }
        }
        $growth = $after->mass / $this->pot->mass - 1;
        if ($growth >= self::SPLIT_FROM) {
            $take = $this->pot->mass / (1 + $growth);
            $parts = implode(' and ', array_map(fn (Addition $addition): string => LineWriter::fresh($addition->grams / (1 + $growth), $addition->ingredient, $this->kit).' '.$addition->ingredient->shortName(), $additions));
            $remarks[] = Sentence::of('Or mend a part of it: take {take}, add {parts}, and there is as much as now. Keep the rest for another batch.', ['take' => Quantity::mass($take), 'parts' => $parts]);
        }
        $short = array_filter($left, fn (float $steps, string $feel): bool => isset($this->feels[$feel]) && abs($steps) > self::LANDS, ARRAY_FILTER_USE_BOTH);
        foreach ($short as $feel => $steps) {
            $remarks[] = Sentence::of('{feel} stays {steps} {side}.', ['feel' => ucfirst($feel), 'steps' => Quantity::steps($steps), 'side' => $steps > 0 ? 'too much' : 'too little']);
        }

        return Sentence::together($remarks);
    }

    /** @param list<Remedy> $remedies */
    private function note(array $remedies): Sentence
    {
        $notes = [];
        if ($remedies === []) {
            $notes[] = Sentence::of('Nothing on hand can mend that. Mark more of what you have in the Pantry, or make a second batch without what is too much and mix the two.');
        } elseif ($this->rank($remedies[0]->steps, 0, 0.0, false)[0] > 0) {
            $notes[] = Sentence::of('Nothing on hand mends it all the way; this comes nearest.');
        }
        if ($remedies !== [] && $remedies[0]->growth() > self::ABSURD) {
            $notes[] = Sentence::of('It takes {times} times as much sauce to dilute that. A second batch without what is too much, mixed with this one, is the honest way.', ['times' => Quantity::number(1 + $remedies[0]->growth(), 1)]);
        }
        if ($this->state->isHot) {
            $notes[] = Sentence::of('Tasted hot: cold it will be thicker by about half a word and a little less sweet, which is counted.');
        }
        if ($this->state->beforeStage !== null && $this->concentrates() > 1.0) {
            $notes[] = Sentence::of('Tasted before it has boiled down: it will be {times} times as strong, which is counted.', ['times' => Quantity::number($this->concentrates(), 1)]);
        }

        return Sentence::together($notes);
    }

    private function thing(string $slug): Ingredient
    {
        foreach ($this->things as $thing) {
            if ($thing->slug === $slug) {
                return $thing;
            }
        }
        throw new \LogicException("{$slug} is none of what may go in.");
    }
}
