<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Amount\Kitchenware;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Evaluation\TastesLike;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Thickness;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\WhyNot;
use Vinculum\Taste\Ratio;

/**
 * A pot that does not taste right, mended by what can still be done to it: adding things, boiling off water.
 *
 * With M grams in the pot, y a figure there, y* where it should be, and e_j what a gram of addition j brings of it,
 *
 *     Σ (e_j − y*) x_j = (y* − y) M      for every figure, so that it lands on y*
 *
 * which is linear in the amounts x ≥ 0 whatever they come to: their total need not be searched for. Each figure is a
 * row, divided by M and by its value of a noticeable step; what was named weighs six times what is only held. Every set
 * of one, two or three of a dozen candidates is solved so. The best are solved again where they land, since pH, umami
 * and thickness bend, written in spoons, and judged as written: what lands, and disturbs least, with fewest things and
 * least mass, comes first.
 */
final readonly class Equations
{
    /** Weight of a taste the spoon named, beside what is only to be held. */
    public const NAMED = 6.0;
    private const PIN = 3.0;
    private const PIN_STEP = 0.05;
    /** Only decides between sets that do equally well. */
    private const MASS = 1e-4;

    /** Share of fat in drops from which a sauce breaks when it boils. */
    private const BREAKS = 0.15;
    /**
     * What a cold sauce tastes less sweet than hot, steps; judgement, after the usual advice to season cold things
     * more.
     */
    private const COLD_IS_LESS_SWEET = 0.5;

    /**
     * Steps of sourness or salt that a step of sweetness hides. Mixture suppression: sugar makes acid and salt taste
     * less and changes neither (after Pangborn's taste interrelationships, from memory; the factor is judgement). It
     * ranks what is offered and moves no figure.
     */
    private const ROUNDS = 0.25;
    /** Share of fat, percent, under which a sauce is not rich whatever is said of it; judgement. */
    private const LEAN = 3.0;
    /** Steps of sweetness or richness that a step of sourness cuts; common practice, the factor is judgement. */
    private const CUTS = 0.5;
    /** Steps short of what was wanted that are enough. */
    private const ENOUGH = 0.35;

    /** Weight of a pot that grows as far as it may and no further. */
    private const FULL = 1e3;

    /** What will be finished of what is in the pot now. */
    public LinearPot $pot;

    /** How many times as hot as ours the maker's chilli is, since the spoon says that it is too much; 1 for as ours. */
    public float $isHotter;

    /** The slug of what was boiled away too far and is to go back first; null where nothing was, or it is too weak. */
    public ?string $boiledAway;

    /** Grams in the pot now, which before a reduction is more than will be finished. */
    public float $massNow;

    /** What is in the pot, in parts of what the recipe says there would be. */
    public float $share;

    /** @var array<string, float> where each figure should be, by Feel value */
    public array $wanted;

    private Candidates $candidates;

    /** @var list<Ingredient> */
    public array $things;

    /** @var array<string, WhyNot> why what is to hand is not stirred in, by slug */
    public array $whyNot;

    /** @var array<string, list<float>> g per g, as it is once stirred in, by slug; what is boiled off is '' */
    public array $perGram;

    /** @var array<string, float> grams that may go in, by slug */
    private array $mostOf;

    /**
     * @param array<string, float> $feels steps by Feel value, positive is too much
     * @param list<Ingredient> $have
     */
    public function __construct(
        public Evaluation $from,
        public array $feels,
        public PotState $state,
        array $have,
        public Kitchenware $kit,
        Catalogue $catalogue,
    ) {
        $mass = $from->cooked->mixture->mass();
        $planned = $this->planned();
        $this->massNow = $state->grams ?? $planned;
        $this->share = $this->massNow / $planned;
        $lost = $state->boiledFurther * $this->share;
        $pot = LinearPot::of($from->cooked, $this->share)->with([], $lost);
        $this->isHotter = Room::believed($feels, $pot);
        $this->pot = Room::salted($from, $feels, $catalogue, $pot->asHot($this->isHotter));
        $wanted = [];
        foreach (Feel::cases() as $feel) {
            $value = $feel->value($this->pot);
            // before a reduction it is weaker than it will be
            $tasted = $feel->measure() === null ? $value : $value / $this->concentrates();
            $steps = $feels[$feel->value] ?? null;
            $wanted[$feel->value] = $steps === null
                ? $value
                : max($feel->moved($tasted, -$this->cold($feel, $steps)), Room::floor($feel, $steps));
        }
        $this->wanted = $wanted;
        $this->candidates = new Candidates($from, $feels, $this->pot, $catalogue, $state->isNameless);
        $have = self::distinct($have);
        $reasons = [];
        $things = [];
        foreach ($have as $thing) {
            $reason = $this->candidates->whyNot($thing);
            if ($reason === null) {
                $things[] = $thing;
            } else {
                $reasons[$thing->slug] = $reason;
            }
        }
        $this->things = self::distinct([...$things, ...$this->candidates->widened($have, $things)]);
        foreach ($this->things as $thing) {
            unset($reasons[$thing->slug]);
        }
        $this->whyNot = $reasons;
        $perGram = ['' => $this->pot->steam()];
        foreach ($this->things as $thing) {
            $perGram[$thing->slug] = LinearPot::stirredIn($thing);
        }
        $this->perGram = $perGram;
        $room = new Room($this, $this->candidates->made);
        $mostOf = ['' => 0.9 * $this->pot->mixture->grams[Constituent::WATER]];
        foreach ($this->things as $thing) {
            $mostOf[$thing->slug] = $room->most($thing);
        }
        $boiledAway = null;
        // an over-reduced pot takes back what was boiled off, and no more
        foreach ($state->boiledFurther > 0.0 ? $this->things : [] as $thing) {
            if ($thing->isPlain('water')) {
                $mostOf[$thing->slug] = min($mostOf[$thing->slug], $lost);
                $boiledAway = $thing->slug;
            }
        }
        $this->boiledAway = $feels !== [] && max($feels) > 0.0 ? $boiledAway : null;
        $this->mostOf = $mostOf;
    }

    /**
     * @param list<Ingredient> $things
     * @return list<Ingredient>
     */
    public static function distinct(array $things): array
    {
        $bySlug = [];
        foreach ($things as $thing) {
            $bySlug[$thing->slug] ??= $thing;
        }

        return array_values($bySlug);
    }

    /** Grams that the recipe says would be in the pot when it was tasted. */
    private function planned(): float
    {
        $before = null;
        foreach ($this->from->cooked->stages as $report) {
            if ($report->stage->id === $this->state->beforeStage) {
                return $before ?? $report->massIn;
            }
            $before = $report->massOut;
        }

        return $this->from->cooked->mixture->mass() - $this->state->boiledFurther;
    }

    /** How much stronger the sauce will be once the stages from the one it was tasted before have boiled down. */
    public function concentrates(): float
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
        return ! $this->state->isHot
            ? $steps
            : match ($feel) {
                Feel::Sweet => $steps - self::COLD_IS_LESS_SWEET,
                Feel::Thick => $steps + Feel::Thick->steps(0.0, Thickness::HOT),
                default => $steps,
            };
    }

    /**
     * What is short of it now and will not be once it has boiled down.
     *
     * @return list<string> by Feel value
     */
    public function willBeEnough(): array
    {
        return array_keys(array_filter(
            $this->feels,
            fn (float $steps, string $named): bool => $steps < 0.0
                && $this->concentrates() > 1.0
                && Feel::from($named)->steps(
                    $this->wanted[$named],
                    Feel::from($named)->value($this->pot),
                ) > -self::ENOUGH,
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /** @param list<string> $slugs '' for boiling off */
    public function isForIt(array $slugs): bool
    {
        return $this->candidates->isForIt(
            array_map($this->thing(...), array_values(array_diff($slugs, ['']))),
            in_array('', $slugs, true),
        );
    }

    /** Boiling off is a remedy for what is thin or weak, and breaks what is held together by egg. */
    public function mayBoil(): bool
    {
        return $this->from->estimates->emulsifiedFat() < self::BREAKS * $this->from->cooked->mixture->mass()
            && $this->candidates->mayBoil();
    }

    /**
     * The rows of a set of additions at a pot: a row a figure, and one to prefer less.
     *
     * @param list<string> $set
     * @param list<float> $there how much of each is in already
     * @return array{array<int, array<int, float>>, array<int, float>}
     */
    public function rows(array $set, LinearPot $at, array $there = []): array
    {
        $a = [];
        $b = [];
        foreach (Feel::cases() as $feel) {
            $value = $feel->value($at);
            $wanted = $this->wanted[$feel->value];
            $weight
                = (isset($this->feels[$feel->value]) ? self::NAMED : $feel->held())
                / $feel->perStep($wanted)
                / $this->pot->mass;
            $row = [];
            $right = ($wanted - $value) * $at->mass;
            $hides = $this->hides($feel);
            // by what there is more of it than there was, though that was too little
            $hiding = $hides === null ? 0.0 : $hides->value($this->pot);
            $share = $hides === null
                ? 0.0
                : ($this->hidden($feel) * $feel->perStep($wanted))
                    / $hides->perStep(max($hiding, $hides->measure()?->threshold() ?? 0.0));
            if ($hides !== null) {
                $right += $share * ($hides->value($at) - $hiding) * $at->mass;
            }
            foreach ($set as $i => $slug) {
                $pull = $this->brings($feel, $slug, $at) - ($slug === '' ? -$wanted : $wanted);
                if ($hides !== null) {
                    $pull -= $share * ($this->brings($hides, $slug, $at) - ($slug === '' ? -$hiding : $hiding));
                }
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

    /** What makes it taste less where it is too much: sugar what is sour or salt, acid what is sweet or rich. */
    public function hides(Feel $feel): ?Feel
    {
        $hides = match ($feel) {
            Feel::Sour, Feel::Salty => Feel::Sweet,
            Feel::Sweet, Feel::Rich => Feel::Sour,
            default => null,
        };

        $isNamed = ($this->feels[$feel->value] ?? 0.0) > 0.0 && ($this->feels[$hides?->value] ?? 0.0) <= 0.0;
        $isLean = $feel === Feel::Rich && $feel->value($this->pot) < self::LEAN;

        return $isNamed && ! $isLean ? $hides : null;
    }

    /**
     * Steps by which there is more of it than there was; 0 where there is less.
     *
     * @param array<string, float> $steps left
     */
    public function moreOf(Feel $feel, array $steps): float
    {
        return max(0.0, $steps[$feel->value] - min(0.0, $this->feels[$feel->value] ?? 0.0));
    }

    /** Whether acid is what is reached for, and not only hides it. */
    public static function isCut(Feel $feel): bool
    {
        return $feel === Feel::Sweet || $feel === Feel::Rich;
    }

    /** Steps of it that a step of what hides it does. */
    public function hidden(Feel $feel): float
    {
        if ($feel !== Feel::Sour) {
            return self::isCut($feel) ? self::CUTS : self::ROUNDS;
        }
        $sweet = max(Feel::Sweet->value($this->pot), Feel::Sweet->measure()?->threshold() ?? 0.0);
        $sour = $feel->value($this->pot);
        $bySweet = TastesLike::SWEET_MASKS * $sour
            / (1 - min(TastesLike::SWEET_MASKS_AT_MOST, TastesLike::SWEET_MASKS * $sweet));

        return max(self::ROUNDS, $bySweet * Feel::Sweet->perStep($sweet) / $feel->perStep($sour));
    }

    /** How near it lies to the sauce: see Nearness. */
    public function nearness(string $slug): int
    {
        return (new Nearness($this, $this->candidates))->of($slug === '' ? null : $this->thing($slug));
    }

    /** Nothing is too much, and what is short is what a spoon of salt, sugar or vinegar brings. */
    public function isOnlyToSeason(): bool
    {
        $seasoned = [Feel::Sweet->value, Feel::Sour->value, Feel::Salty->value];

        return $this->feels !== []
            && max($this->feels) < 0.0
            && array_diff(array_keys($this->feels), $seasoned) === [];
    }

    /** Whether something of it simmers or boils. */
    public function isCooked(): bool
    {
        return $this->candidates->isCooked();
    }

    /**
     * A row that keeps the pot at as much as it may grow to, for a set that would pass it.
     *
     * @param list<string> $set
     * @return array{list<float>, float}
     */
    public function full(array $set): array
    {
        $weight = self::FULL / $this->pot->mass;

        return [
            array_map(static fn (string $slug): float => $slug === '' ? -$weight : $weight, $set),
            $weight * $this->mayGrow($set) * $this->pot->mass,
        ];
    }

    /** What is boiled off is water, taken away. */
    private function brings(Feel $feel, string $slug, LinearPot $at): float
    {
        return $slug === ''
            ? -$at->brings($feel, $this->perGram[''], 0.0)
            : $at->brings(
                $feel,
                $this->perGram[$slug],
                $at->drops($this->thing($slug)),
                LinearPot::bodyOf($this->thing($slug)),
            );
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
     * Grams of each that may go in: never past what anyone would put into a sauce.
     *
     * @param list<string> $set
     * @return list<float>
     */
    public function most(array $set): array
    {
        return array_map(fn (string $slug): float => $this->mostOf[$slug], $set);
    }

    /**
     * @param list<string> $set
     * @param list<float> $x
     */
    public function massOf(array $set, array $x): float
    {
        $mass = 0.0;
        foreach ($set as $i => $slug) {
            $mass += $slug === '' ? -$x[$i] : $x[$i];
        }

        return $mass;
    }

    /** The most steps that so much of something moves any taste by. */
    public function dose(string $slug, float $grams, LinearPot $at): float
    {
        $most = 0.0;
        foreach (Feel::cases() as $feel) {
            if ($feel->measure() !== null) {
                $most = max(
                    $most,
                    (abs($this->brings($feel, $slug, $at) - $feel->value($at)) * $grams)
                        / $at->mass
                        / $feel->perStep($feel->value($at)),
                );
            }
        }

        return $most;
    }

    /**
     * @param list<string> $set
     * @param list<float> $x
     */
    public function stirred(array $set, array $x): LinearPot
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
    public function left(LinearPot $at): array
    {
        $left = [];
        foreach (Feel::cases() as $feel) {
            $left[$feel->value] = $feel->steps($this->wanted[$feel->value], $feel->value($at));
        }

        return $left;
    }

    public function thing(string $slug): Ingredient
    {
        foreach ($this->things as $thing) {
            if ($thing->slug === $slug) {
                return $thing;
            }
        }
        throw new \LogicException("{$slug} is none of what may go in.");
    }

    /**
     * By how much of itself the pot may grow.
     *
     * @param list<string> $set
     */
    public function mayGrow(array $set): float
    {
        $things = array_map($this->thing(...), array_values(array_diff($set, [''])));
        return (new Room($this, $this->candidates->made))->grows($things);
    }
}
