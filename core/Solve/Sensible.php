<?php

declare(strict_types=1);

namespace Vinculum\Solve;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Cooking\StageReport;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Taste\Measure;

/**
 * The one judge of every answer: what no cook would do with a thing in this sauce, whatever its figures. Rescue, swap,
 * free-of, rebalance and draft ask it; what each of them has to mind besides stands beside it (Rescue\Candidates,
 * Swap\Kin). Common practice, no source.
 */
final readonly class Sensible
{
    /** Highest sensible share up to which a thing is a spice; judgement. */
    private const SPICE = 0.1;

    /** Heat, in the measure's unit, from which a spice is there to be hot; paprika is not. */
    private const FIERY = 5000.0;

    /** Share of butter from which a sauce is made of it, and so warm; judgement. */
    private const OF_BUTTER = 0.3;

    /** Times its highest sensible share from which so much of a thing is worth a word; judgement. */
    private const TOO_MUCH = 1.5;

    /** Kinds of what is in no sweet sauce; a ripe fruit is savoury by what it brings. */
    private const SAVOURY = ['savoury', 'mustard', 'vegetable', 'dried-vegetable', 'chilli', 'blend', 'condiment'];

    /** Share of sugar from which a sauce with nothing savoury in it is a sweet one; judgement. */
    private const SWEET = 0.15;

    /** Caramel, a coulis, a chocolate sauce: sugar, and nothing savoury. */
    private bool $isSweet;

    /** Whether something of it simmers or boils. */
    public bool $isCooked;

    /** Whether it is ever hot: warmed is enough. */
    public bool $isHeated;

    public function __construct(private Evaluation $of)
    {
        $vocabulary = $of->cooked->weighed->vocabulary;
        $simmers = array_filter(
            $of->recipe->stages,
            static fn (Stage $stage): bool => $stage->process?->kind->simmers() === true,
        );
        $heats = array_filter(
            $of->recipe->stages,
            static fn (Stage $stage): bool => $stage->process !== null
                && $vocabulary->leavesHot($stage->process->kind->value) === true,
        );
        $mixture = $of->cooked->mixture;
        $this->isSweet = $mixture->sugars() >= self::SWEET * max(1e-9, $mixture->mass())
            && $of->tasting->value(Measure::Umami) < Measure::Umami->threshold()
            && array_filter(
                $of->cooked->weighed->lines,
                static fn (WeighedLine $line): bool => $line->ingredient !== null
                    && self::isSavoury($line->ingredient),
            ) === [];
        $this->isCooked = $simmers !== [] || self::isCookedAnyway($of->cooked);
        $this->isHeated = $this->isCooked || $heats !== [] || (self::isUnsaid($of->cooked) && self::isOfButter($of));
    }

    /** A list of lines with flour or starch in it, and no word of what is done with them: nobody eats that raw. */
    public static function isCookedAnyway(CookedRecipe $cooked): bool
    {
        return self::isUnsaid($cooked)
            && array_filter(
                $cooked->weighed->lines,
                static fn (WeighedLine $line): bool => $line->ingredient?->isThickener() === true
                    && $line->ingredient->perGram[Constituent::STARCH_RAW] > 0.0,
            ) !== [];
    }

    private static function isUnsaid(CookedRecipe $cooked): bool
    {
        return array_filter(
            $cooked->stages,
            static fn (StageReport $report): bool => $report->stage->process !== null,
        ) === [];
    }

    /** Made of what sets when it is cold, as a butter sauce is. */
    private static function isOfButter(Evaluation $of): bool
    {
        $all = 0.0;
        $butter = 0.0;
        foreach ($of->cooked->weighed->lines as $line) {
            $all += $line->grams;
            $butter += $line->ingredient?->is('sets-cold') === true ? $line->grams : 0.0;
        }

        return $butter > self::OF_BUTTER * $all;
    }

    /**
     * Why a thing is in no answer here; null where it may be.
     *
     * @param Ingredient|null $for what it would stand in for, which may have done as it does
     */
    public function whyNot(Ingredient $thing, ?Ingredient $for = null): ?WhyNot
    {
        return match (true) {
            $thing->is('potassium') && $for?->is('potassium') !== true => WhyNot::NotForEverybody,
            ! $this->isHeated && $thing->is('sets-cold') && $for?->is('sets-cold') !== true => WhyNot::SetsCold,
            $this->isSweet && (self::isSavoury($thing) || $this->isVinegar($thing)) => WhyNot::AnotherFamily,
            ! $this->isHeated && $thing->is('wants-cooking') && $for?->is('wants-cooking') !== true
                => WhyNot::NotStirredIn,
            default => null,
        };
    }

    /** Lemon sharpens a caramel or a chocolate sauce; vinegar is for fruit. */
    private function isVinegar(Ingredient $thing): bool
    {
        return $thing->isOf('vinegar')
            && array_filter(
                $this->of->cooked->weighed->lines,
                static fn (WeighedLine $line): bool => $line->ingredient !== null
                    && $line->ingredient->isOf('dairy', 'solid-fat', 'chocolate'),
            ) !== [];
    }

    /** Soy, cheese, mustard, tomato, onion, and an oil that tastes of what it was pressed from. */
    private static function isSavoury(Ingredient $thing): bool
    {
        return ! $thing->isPlain('salty')
            && (in_array('umami', $thing->roles, true)
                || $thing->isOf(...self::SAVOURY)
                || ($thing->isFatty() && $thing->aroma !== [] && $thing->form === Form::Liquid));
    }

    /**
     * What a cook turns to move a taste: never a spice, a herb or garlic, whose smell would go with it, unless it is
     * there to be hot and heat is to move; and no oil or butter, which thins nothing but fire.
     */
    public function isLever(Ingredient $thing, bool $movesHeat): bool
    {
        $isSpice = ($thing->mostShare <= self::SPICE || $thing->roles === ['aroma'])
            && array_intersect($thing->roles, ['salty', 'sweet', 'acid', 'umami']) === [];
        $isFat = $thing->isFatty() && $thing->roles !== ['base'];
        $isHot = in_array('hot', $thing->roles, true)
            && (Measure::Heat->strengthOf($thing) ?? 0.0) > max(self::FIERY, $this->of->tasting->value(Measure::Heat));

        return ! $isFat && (! $isSpice || ($isHot && $movesHeat));
    }

    /** Cayenne, flakes, a pinch of which is hot; not a sauce of chillies. */
    public function isFierySpice(Ingredient $thing): bool
    {
        return $thing->mostShare <= self::SPICE
            && in_array('hot', $thing->roles, true)
            && (Measure::Heat->strengthOf($thing) ?? 0.0) > self::FIERY;
    }

    /**
     * Grams of a thing that may still go into a sauce which stays as large; any where all of it may be that thing.
     *
     * @param float $mass of the sauce, g
     * @param float $there of the thing in it already, g
     */
    public static function room(Ingredient $thing, float $mass, float $there = 0.0): float
    {
        return $thing->mostShare < 1.0 ? $thing->mostShare * $mass - $there : INF;
    }

    /** The same of a pot which grows by what goes in. */
    public static function roomWhereItGrows(Ingredient $thing, float $mass, float $there): float
    {
        return $thing->mostShare < 1.0
            ? self::room($thing, $mass, $there) / (1 - $thing->mostShare)
            : INF;
    }

    /** @return list<Ingredient> of which there is more in it than anybody puts into a sauce */
    public function tooMuch(): array
    {
        // what boils down was so much of what went into the pot, not of what is left
        $mass = 0.0;
        foreach ($this->of->cooked->weighed->lines as $line) {
            $mass += $line->grams;
        }
        $things = [];
        foreach ($this->of->cooked->weighed->lines as $line) {
            $thing = $line->ingredient;
            if ($thing !== null && $line->grams > self::TOO_MUCH * self::room($thing, $mass)) {
                $things[] = $thing;
            }
        }

        return $things;
    }
}
