<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Amount\Kitchenware;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sense;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;
use Vinculum\Pantry\Aroma;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\Sensible;
use Vinculum\Taste\Measure;

/**
 * Stand-ins for one line, each with the amount that keeps the balance and what else has to move for it.
 *
 * Taking the line out leaves, for every figure y of the finished sauce, a gap of m (b − y): m grams that brought b.
 * With x_j grams of a stand-in, and d_k of the few lines that may make up for it,
 *
 *     Σ m_j (b_j − y) x_j + Σ m_k (b_k − y) d_k = m (b − y)      each over the sauce and its noticeable step
 *
 * beside a row for each aroma the line had, one for the mass, and a price on every compensation. What a gram becomes in
 * the pot is taken from what the line itself became there; the best are cooked for real and solved once more from where
 * they land.
 */
final readonly class Equations
{
    /** Of an aroma, beside a taste. */
    private const AROMA = 0.8;
    /** A share of the sauce that goes missing, beside a step of taste. */
    private const MASS_SHARE = 0.06;
    /** A thing may be added up to so much of the sauce. */
    public const MOST_SHARE = 0.6;
    /** More of a sauce than this is what it is made of, and makes up for nothing; judgement. */
    public const BY_THE_SPOON = 0.15;
    /** What makes up for something grows by at most so much of itself; judgement. */
    private const MOST_GROWTH = 1.0;
    /** ... and shrinks by at most so much of itself; judgement. */
    private const MOST_LESS = 0.5;
    /** A taste is what a line is for from this share of it. */
    private const IS_FOR = 0.25;
    /** What a whole or steeped thing gives up, beside what is stirred in; about, for a first guess. */
    private const GIVEN_UP = 0.3;
    /** What is only there to sharpen what takes the place of something else. */
    private const SHARPENED = [0.0, 0.25];
    /** Sourness of what sharpens, in the measure's unit. */
    private const SHARP = 1.5;
    /** What is not water in a thing, at the least. */
    private const LEAST_DRY = 0.04;
    /** Share of a sauce from which what is cut up in it is what it is made of; judgement. */
    private const MUCH = 0.2;
    /** What nobody puts in more than such a share of brings its taste and no body; judgement. */
    private const NO_BODY = 0.12;
    /** Starch that sets as much as an egg does, in parts of it: a spoon to an egg; common practice, no source. */
    private const SET_BY_STARCH = 0.1;
    /** A spice stands in for another by so many times its weight at most; judgement. */
    private const MORE_SPICE = 1.5;
    /** How far from that an amount may be, in parts of it; judgement. */
    private const AS_STRONG = [0.75, 1.35];
    private const AS_THICK = [0.3, 3.0];
    private const ABOUT_AS_THICK = [0.5, 2.0];
    private const AS_HEAVY = [0.75, 1.35];
    /** What the plain thing is for, by the taste it makes up. */
    public const BASICS = [
        'sweet' => 'sweet',
        'sour' => 'sour',
        'salty' => 'salty',
        '' => 'water',
    ];

    public WeighedLine $out;

    public LinearPot $pot;

    public Kitchenware $kit;

    /** @var array<string, float> figures to keep, by Feel value */
    public array $wanted;

    /**
     * @var array<int, float> what is left in the sauce of each constituent that a line of this stage brings, as a share
     */
    public array $left;

    /** @var array<int, float> the same for what is stirred in, where the line itself is whole or lifted out */
    public array $leftOfStirredIn;

    /** @var array<string, float> aroma the line brought, by name */
    public array $aroma;

    public float $aromaWeight;

    /** Whether it boils though nobody wrote so. */
    private bool $isCookedAnyway;

    /** The taste the line is there for; null where it is there for its aroma or its body. */
    public ?Measure $isFor;

    /**
     * @var array<string, array{
     *     line: WeighedLine|null,
     *     ingredient: Ingredient,
     *     pulls: array<int, float>,
     *     least: float,
     *     most: float,
     * }>
     */
    public array $helpers;

    public function __construct(
        public Evaluation $from,
        public Catalogue $catalogue,
        public int $place,
        public Criteria $wishes,
    ) {
        $this->out = $from->cooked->weighed->lines[$place];
        $this->isCookedAnyway = Sensible::isCookedAnyway($from->cooked);
        $this->pot = LinearPot::of($from->cooked);
        $this->kit = $from->recipe->kitchenware();
        $wanted = [];
        foreach (Feel::cases() as $feel) {
            $wanted[$feel->value] = $feel->value($this->pot);
        }
        $this->wanted = $wanted;
        $this->left = $this->whatIsLeft($this->out->line->handling);
        $this->leftOfStirredIn
            = $this->out->line->handling === Handling::In ? $this->left : $this->whatIsLeft(Handling::In);
        $this->aroma = $this->aromaOf();
        $this->isFor = $this->isFor();
        // a gram of garlic smells more than a gram of vinegar
        $this->aromaWeight = self::AROMA * min(1.0, array_sum($this->aroma) / max(1e-9, $this->out->grams));
        $this->helpers = $this->findHelpers();
    }

    /** @return array<int, float> */
    private function whatIsLeft(Handling $handling): array
    {
        $left = array_fill(0, Constituent::COUNT, 1.0);
        $order = [$this->place, ...array_keys($this->from->cooked->rows)];
        $isKnown = [];
        foreach ($order as $i) {
            $line = $this->from->cooked->weighed->lines[$i];
            if (
                $line->stage !== $this->out->stage
                || $line->line->handling !== $handling
                || $line->ingredient === null
            ) {
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

    /** Grams: what of it is in already counts, and nothing goes past what anyone would put in. */
    public function mostOf(Ingredient $thing): float
    {
        $most = self::MOST_SHARE * 2 * $this->pot->mass;
        $there = $this->from->cooked->weighed->gramsOf($thing->slug, except: $this->place);

        return max(0.0, min($most, Sensible::room($thing, $this->pot->mass, $there)));
    }

    /**
     * What a gram of a thing becomes in this stage, g of each constituent.
     *
     * @return list<float>
     */
    public function becomes(Ingredient $ingredient): array
    {
        $perGram = [];
        $left
            = $this->handlingOf($ingredient) === $this->out->line->handling ? $this->left : $this->leftOfStirredIn;
        foreach ($ingredient->perGram as $constituent => $share) {
            $perGram[] = $share * $left[$constituent];
        }
        if (($this->from->cooked->simmered[$this->place] ?? null) !== null || $this->isCookedAnyway) {
            $perGram[Constituent::STARCH_COOKED] += $ingredient->perGram[Constituent::STARCH_RAW];
            $perGram[Constituent::STARCH_RAW] = 0.0;
        }

        return array_values($perGram);
    }

    /** @return array<string, float> */
    private function aromaOf(): array
    {
        return $this->out->ingredient === null
            ? []
            : array_map(
                fn (float $strength): float => $strength * $this->out->grams,
                $this->out->ingredient->aroma,
            );
    }

    /**
     * What a gram of something moves each row by: figures, then aromas, then mass.
     *
     * @param list<float> $becomes
     * @return array<int, float>
     */
    public function pulls(array $becomes, Ingredient $ingredient): array
    {
        $mass = Mixture::massOf($becomes);
        $pulls = [];
        foreach (Feel::cases() as $feel) {
            $wanted = $this->wanted[$feel->value];
            $brings
                = $mass > 1e-9
                    ? $this->pot->brings(
                        $feel,
                        array_map(static fn (float $each): float => $each / $mass, $becomes),
                        $this->pot->drops($ingredient),
                        LinearPot::bodyOf($ingredient),
                    )
                    : 0.0;
            $pulls[]
                = ($feel->held() * $mass * ($brings - $wanted))
                // nobody tells two things apart that neither taste of it
                / $feel->perStep(max($wanted, $feel->measure()?->threshold() ?? 0.0))
                / $this->pot->mass;
        }
        $all = array_sum($this->aroma);
        if ($all > 0.0) {
            $smells = $ingredient->aroma;
            foreach (array_keys($this->aroma) as $aroma) {
                $pulls[] = ($this->aromaWeight * ($smells[$aroma] ?? 0.0)) / $all / Sense::Aroma->weber();
            }
            // what it did not smell of before
            $pulls[]
                = ($this->aromaWeight * array_sum(array_diff_key($smells, $this->aroma)))
                / $all
                / Sense::Aroma->weber();
        }
        $pulls[] = $mass / $this->pot->mass / self::MASS_SHARE;

        return $pulls;
    }

    /** @return array<int, float> what the line's going leaves to be made up, in the same rows */
    public function gap(): array
    {
        $row = $this->from->cooked->rows[$this->place] ?? array_fill(0, Constituent::COUNT, 0.0);
        $ingredient = $this->out->ingredient;
        if ($ingredient === null) {
            return [];
        }
        if ($this->isCookedAnyway) {
            $row[Constituent::STARCH_COOKED] += $row[Constituent::STARCH_RAW];
            $row[Constituent::STARCH_RAW] = 0.0;
        }
        $gap = $this->pulls(array_values($row), $ingredient);
        $at = count(Feel::cases());
        foreach ($this->aroma as $strength) {
            $gap[$at++] = ($this->aromaWeight * $strength) / array_sum($this->aroma) / Sense::Aroma->weber();
        }
        if ($this->aroma !== []) {
            $gap[$at] = 0.0;
        }

        return $gap;
    }

    /**
     * Lines that may make up for what a stand-in lacks: what is sweetest, sourest, saltiest already, or the plain
     * thing.
     *
     * @return array<string, array{
     *     line: WeighedLine|null,
     *     ingredient: Ingredient,
     *     pulls: array<int, float>,
     *     least: float,
     *     most: float,
     * }>
     */
    private function findHelpers(): array
    {
        $helpers = [];
        $weighed = $this->from->cooked->weighed->lines;
        $roles = ['sweet' => 'sweet', 'sour' => 'acid', 'salty' => 'salty'];
        foreach (self::BASICS as $for => $basic) {
            $best = null;
            foreach ($this->from->cooked->rows as $i => $row) {
                $line = $weighed[$i];
                $isFree
                    = $i !== $this->place
                    && $line->source === $i
                    && ! $line->line->lock
                    && $line->ingredient?->isSeasoning() === true
                    // the juice of one lime stays the juice of one
                    && ($line->amount->terms[0]->unit ?? null) !== null
                    && $line->grams > 0.0
                    && $line->grams <= self::BY_THE_SPOON * $this->pot->mass;
                if (! $isFree || $this->isFollowed($i)) {
                    continue;
                }
                $own
                    = $for === ''
                        ? ($line->ingredient->isPlain('water')
                            ? 1.0
                            : 0.0)
                        : (in_array($roles[$for], $line->ingredient->roles, true)
                            ? $this->from->tasting->measures[Feel::from($for)->measure()->value ?? '']
                                    ->contributions[$i] ?? 0.0
                            : 0.0);
                if ($own > ($best[1] ?? 0.0)) {
                    $best = [$i, $own];
                }
            }
            $line = $best === null ? null : $weighed[$best[0]];
            if ($best !== null && $line?->ingredient !== null) {
                $row = array_values(
                    array_map(
                        static fn (float $each): float => $each / $line->grams,
                        $this->from->cooked->rows[$best[0]],
                    ),
                );
                $helpers[$line->line->id] = [
                    'line' => $line,
                    'ingredient' => $line->ingredient,
                    'pulls' => self::forTaste($this->pulls($row, $line->ingredient), $for),
                    'least' => -self::MOST_LESS * $line->grams,
                    'most' => self::MOST_GROWTH * $line->grams,
                ];
            } elseif (
                ($ingredient = $this->catalogue->plainFor($basic)) !== null
                && ! $this->wishes->ruleOut($ingredient)
                && $ingredient->slug !== $this->out->ingredient?->slug
                && ! $this->isToTaste($ingredient)
                && $this->isTasted($for)
                && ! ($for === 'sour' && $this->hasAcid())
            ) {
                $helpers[$basic] = [
                    'line' => null,
                    'ingredient' => $ingredient,
                    'pulls' => self::forTaste($this->pulls($this->becomes($ingredient), $ingredient), $for),
                    'least' => 0.0,
                    'most' => self::MOST_SHARE * $this->pot->mass,
                ];
            }
        }

        return $helpers;
    }

    /**
     * What salt, sugar and vinegar are reached for: nobody doubles the soy because there is less savour. Water thins
     * all there is.
     *
     * @param array<int, float> $pulls by row
     * @param string $for the taste it makes up for; empty for water
     * @return array<int, float>
     */
    private static function forTaste(array $pulls, string $for): array
    {
        foreach ($for === '' ? [] : array_keys($pulls) as $row) {
            $isTaste = isset(self::BASICS[Feel::cases()[$row]->value ?? 'no taste']);
            $pulls[$row] = $isTaste ? $pulls[$row] : 0.0;
        }

        return $pulls;
    }

    /** Where there is a lemon in it, no vinegar makes it up. */
    private function hasAcid(): bool
    {
        foreach ($this->from->cooked->weighed->lines as $i => $line) {
            if ($i !== $this->place && $line->grams > 0.0 && in_array('acid', $line->ingredient->roles ?? [], true)) {
                return true;
            }
        }

        return false;
    }

    /** Nobody makes up a taste that nobody finds in it: no vinegar goes into a cream sauce for a milder cream. */
    private function isTasted(string $for): bool
    {
        $feel = Feel::tryFrom($for);

        return $feel === null || $this->wanted[$for] >= $feel->measure()?->threshold();
    }

    /** Whoever salts to taste needs no pinch beside it. */
    private function isToTaste(Ingredient $ingredient): bool
    {
        foreach ($this->from->cooked->weighed->lines as $line) {
            $isToTaste = $line->amount === null || $line->amount->isToTaste();
            if ($isToTaste && $line->ingredient?->slug === $ingredient->slug) {
                return true;
            }
        }

        return false;
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
     * Grams of a thing that do for what goes out, about, least, and most: as strong in the taste both are for, or in
     * smell where that is all it is for; by weight where it is what the sauce is made of.
     *
     * @return array{float, float, float}
     */
    public function asMuchOf(Ingredient $thing): array
    {
        if ($this->isByWeight() && ! $this->isOnlyATaste($thing) && ! $thing->isThickener()) {
            $isSour = in_array('acid', $thing->roles, true)
                && (Measure::Sourness->strengthOf($thing) ?? 0.0) > self::SHARP
                && ! in_array('acid', $this->out->ingredient->roles ?? [], true);

            return $isSour
                ? self::around($this->out->grams, self::SHARPENED)
                : self::around($this->out->grams * $this->asDry($thing), self::AS_HEAVY);
        }
        $out = $this->out->ingredient;
        $given = $this->handlingOf($thing) === $this->out->line->handling ? 1.0 : self::GIVEN_UP;
        $about = $this->out->grams * $given;
        if ($out === null) {
            return self::around($about, self::AS_HEAVY);
        }
        if ($thing->isThickener() && ! $out->isThickener()) {
            return self::around($about * self::SET_BY_STARCH, self::ABOUT_AS_THICK);
        }
        $measure = Purpose::shared($out, $thing);
        // and where they share no taste but their smell: fresh onion for onion powder, but never a cup of oil
        // for a spoon
        $isSmell = array_diff($out->roles, ['aroma']) === []
            || (
                ! $out->isFatty()
                && $measure === null
                && in_array('aroma', $out->roles, true)
                && in_array('aroma', $thing->roles, true)
            );
        $had = $isSmell ? array_sum($out->aroma) : ($measure?->strengthOf($out) ?? 0.0);
        $has = $isSmell ? array_sum($thing->aroma) : ($measure?->strengthOf($thing) ?? 0.0);
        $bit = Measure::Heat->strengthOf($out) ?? 0.0;
        $bites = Measure::Heat->strengthOf($thing) ?? 0.0;
        if (in_array('hot', $out->roles, true) && in_array('hot', $thing->roles, true) && $bit < $bites) {
            // cayenne for pepper goes by its fire, and not by its smell or its weight
            return self::around(($about * $bit) / $bites, self::AS_STRONG);
        }
        if ($had > 0.0 && $has > 0.0) {
            // a weaker spice is missed, and no spoonful of it makes up for a pinch of the stronger
            $most = $out->isOf('spice') && $thing->isOf('spice') ? self::MORE_SPICE : INF;

            return self::around($about * min($most, $had / $has), self::AS_STRONG);
        }
        [$had, $has] = [$out->bite(), $thing->bite()];
        if ($measure === Measure::Heat && $had > 0.0 && $has > 0.0) {
            // pepper for pepper goes by its bite, which is none of the chilli's
            return self::around(($about * $had) / $has, self::AS_STRONG);
        }

        return self::around($about, $out->isThickener() ? self::AS_THICK : self::AS_HEAVY);
    }

    /** What only brings a taste of what goes out, as salt does beside yeast flakes for a cheese. */
    private function isOnlyATaste(Ingredient $thing): bool
    {
        $out = $this->out->ingredient;

        return $out !== null && $thing->mostShare < self::NO_BODY && Purpose::shared($out, $thing) !== null;
    }

    /** Dried fruit for fresh, paste for juice: as much of what is not water. */
    private function asDry(Ingredient $thing): float
    {
        $out = $this->out->ingredient;
        $isGrown = $out?->isOf('fruit', 'vegetable', 'tomatoes', 'mustard') === true;
        if ($out === null || ! $isGrown || (! $out->isBeside($thing) && $thing->form !== Form::Pieces)) {
            return 1.0;
        }
        $dry = static fn (Ingredient $one): float => 1.0 - $one->perGram[Constituent::WATER];

        return $dry($out) / max(self::LEAST_DRY, $dry($thing));
    }

    /** What the sauce is made of, and a drink, whose smell nobody weighs: as much comes in as goes out. */
    public function isByWeight(): bool
    {
        $out = $this->out->ingredient;

        return $out !== null
            && ! $out->isThickener()
            && (in_array('base', $out->roles, true)
                || in_array('body', $out->roles, true)
                || $out->roles === ['fat']
                || (in_array('fat', $out->roles, true) && $out->form === Form::Pieces && $this->isMuchOfIt())
                || ($out->isAlcoholic() && ! Kin::isExtract($out)));
    }

    /**
     * How many of several things bring what one of them is there for: of soy sauce and vinegar only one is salt.
     *
     * @param non-empty-list<Ingredient> $things
     */
    public function sharers(array $things, Ingredient $thing): int
    {
        $out = $this->out->ingredient;
        $measure = $out === null || $this->isByWeight() ? null : Purpose::shared($out, $thing);
        $same = static fn (Ingredient $one): bool => $out !== null && Purpose::shared($out, $one) === $measure;

        return $measure === null ? count($things) : count(array_filter($things, $same));
    }

    /** A cheese that a dip is made of, and not what is grated into one. */
    public function isMuchOfIt(): bool
    {
        return $this->out->grams > self::MUCH * $this->pot->mass;
    }

    /**
     * @param array{float, float} $parts
     * @return array{float, float, float}
     */
    private static function around(float $grams, array $parts): array
    {
        return [$grams, $parts[0] * $grams, $parts[1] * $grams];
    }

    /**
     * What went in whole goes in whole again only where it comes in pieces: stirred in, it gives all it has at once.
     */
    public function handlingOf(Ingredient $ingredient): Handling
    {
        $handling = $this->out->line->handling;
        $isPiece = $ingredient->form === Form::Pieces && ! $ingredient->is('ground');

        return $isPiece ? $handling : Handling::In;
    }

    private function isFor(): ?Measure
    {
        $best = null;
        $most = self::IS_FOR;
        foreach (Measure::cases() as $measure) {
            $tasted = $this->from->tasting->measures[$measure->value];
            $share
                = $tasted->figure->value > $measure->threshold()
                    ? ($tasted->contributions[$this->place] ?? 0.0) / $tasted->figure->value
                    : 0.0;
            if ($share > $most) {
                [$best, $most] = [$measure, $share];
            }
        }

        return $best;
    }
}
