<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Aroma;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Safety\Brings;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\Sensible;
use Vinculum\Solve\WhyNot;
use Vinculum\Taste\Measure;

/**
 * Which of the things to hand come into question for this pot and what the spoon says of it: its own lines, the plain
 * things of the craft, and what is akin to a line. Nothing that has more of what there is too much of; no thickener,
 * and no boiling, in what is eaten as it was stirred; no allergen, meat or alcohol that was not in it.
 */
final readonly class Candidates
{
    /** How alike two things smell from which one may do for more of the other; judgement. */
    private const AKIN = 0.5;

    /** Traits of what is always plain. */
    private const PLAIN = ['water', 'sweet', 'salty', 'umami'];

    /** What brings a taste by itself, in the measure’s unit; judgement. */
    private const STRONG = ['sweetness' => 8.0, 'sourness' => 1.0, 'saltiness' => 2.0, 'umami' => 0.15, 'heat' => 0.0];

    /** How much less water a thing may have and still thin a sauce, which is less thick than it is dry. */
    private const DRIER = 0.1;

    /** Parts of what is too much in the pot from which a thing thins it no more; judgement. */
    private const A_THIRD_AS_MUCH = 1 / 3;

    /** The same of what the sauce is made of; judgement. */
    private const LESS_OF_IT = 0.95;

    /** Sweetness, in the measure's unit, from which sugar is no stranger to a sauce; judgement. */
    private const SWEET_ANYWAY = 1.5;

    /** Groups of what goes in for its taste, however dry it is. */
    private const FOR_THE_TASTE = ['spice', 'chilli', 'blend'];

    /** Steps of what is too much, for each that is mended of what is short, which nobody tastes; judgement. */
    private const HARDLY = 0.25;

    /** Share of water from which dairy pours; judgement. */
    private const POURS = 0.4;

    /** @var list<string> slugs of what would bring something nobody expects in it */
    private array $strangers;

    public MadeOf $made;

    private Sensible $sensible;

    /**
     * @param array<string, float> $feels steps by Feel value, positive is too much
     * @param bool $isNameless whether its lines only stand for what nobody wrote down
     */
    public function __construct(
        private Evaluation $from,
        private array $feels,
        private LinearPot $pot,
        Catalogue $catalogue,
        private bool $isNameless = false,
    ) {
        $this->sensible = new Sensible($from);
        $this->strangers = Brings::strangersTo($from->cooked->weighed, $catalogue);
        $this->made = new MadeOf($from, $feels, $pot, $this->sensible, $isNameless);
    }

    /**
     * Whether something of it is strong enough to be what a taste that is short is mended with: nobody sweetens with
     * mustard. Boiling off makes all of it stronger.
     *
     * @param list<Ingredient> $additions
     */
    public function isForIt(array $additions, bool $boils): bool
    {
        foreach ($boils ? [] : $this->feels as $named => $steps) {
            $measure = Feel::from($named)->measure();
            if ($steps < 0.0 && $measure !== null) {
                $strongest = max(0.0, ...array_map(
                    static fn (Ingredient $thing): float => $measure->strengthOf($thing) ?? 0.0,
                    $additions,
                ));
                if ($strongest < self::STRONG[$measure->value]) {
                    return false;
                }
            }
        }

        return true;
    }

    /** Null where it may go in. */
    public function whyNot(Ingredient $thing): ?WhyNot
    {
        return match (true) {
            ! $this->canBeStirredIn($thing) => WhyNot::NotStirredIn,
            ($never = $this->sensible->whyNot($thing)) !== null => $never,
            $this->isAskedForAnotherThing($thing) => WhyNot::AnotherThing,
            $this->makesItWorse($thing) => WhyNot::MakesItWorse,
            $this->made->isOwn($thing) => null,
            $this->isOnlyToHold($thing) => WhyNot::AnotherThing,
            $this->isPlain($thing) || $this->isAkin($thing) || $this->loosensEmulsion($thing) => null,
            $thing->isThickener() => WhyNot::WouldBoil,
            in_array($thing->slug, $this->strangers, true) => WhyNot::BringsNew,
            default => WhyNot::AnotherFamily,
        };
    }

    /**
     * A seasoning the sauce has none of, and that neither brings what is short nor hides what is too much: no lemon to
     * hold the sourness of a bread sauce, no salt where it is left out on purpose, no miso because it is sharp.
     */
    private function isOnlyToHold(Ingredient $thing): bool
    {
        // what is strong never pays for a taste that is not its own
        if (in_array('hot', $thing->roles, true) && ($this->feels[Feel::Hot->value] ?? 0.0) >= 0.0) {
            return ! $this->isNameless;
        }
        if ($this->isNameless || (! $thing->isSeasoning() && ! Acids::isPlain($thing))) {
            return false;
        }
        $isSweetAnyway
            = Feel::Sweet->value($this->pot) >= self::SWEET_ANYWAY
            && ! $this->made->isOfMilk()
            && ! $this->made->isOfButter();
        foreach ($this->feels as $named => $steps) {
            $feel = Feel::from($named);
            $measure = $feel->measure();
            $does = match (true) {
                $feel === Feel::Thick => true,
                $steps < 0.0 => $measure !== null
                    && ($measure->strengthOf($thing) ?? 0.0) >= self::STRONG[$measure->value],
                $feel === Feel::Sweet, $feel === Feel::Rich => Acids::isPlain($thing),
                $feel === Feel::Umami => false,
                $feel === Feel::Sour => $thing->isOf('sweet') && ! $this->made->isOfButter(),
                default => $thing->isOf('sweet') && $isSweetAnyway,
            };
            if ($does) {
                return false;
            }
        }

        return true;
    }

    /** Yoghurt and soured cream into what is made of mayonnaise. */
    private function loosensEmulsion(Ingredient $thing): bool
    {
        return $thing->isOf('cultured')
            && ! $thing->isFatty()
            && array_filter($this->feels, static fn (float $steps): bool => $steps > 0.0) !== []
            && array_filter(
                $this->made->own,
                fn (Ingredient $own): bool => $own->isOf('emulsion') && $this->made->isBody($own),
            ) !== [];
    }

    /**
     * Spice and chilli thicken nothing that is only thin, nor do seaweed and raw onion, and no water goes into what is
     * oil or mayonnaise and has none, unless it is too thick.
     */
    private function isAskedForAnotherThing(Ingredient $thing): bool
    {
        $thick = $this->feels[Feel::Thick->value] ?? 0.0;
        $isForTheTaste = $thing->isOf(...self::FOR_THE_TASTE)
            || ($thing->form === Form::Pieces && ! in_array('body', $thing->roles, true));
        if ($thick < 0.0 && count($this->feels) === 1 && $isForTheTaste) {
            return true;
        }
        // a spoon of cayenne to hold the heat while it is watered down, and glutamate for the savour
        $isOnlyToHold = (! isset($this->feels[Feel::Hot->value]) && $this->sensible->isFierySpice($thing))
            || (! isset($this->feels[Feel::Umami->value]) && $thing->isPlain('umami'));
        if ($isOnlyToHold) {
            return true;
        }

        return $thing->isPlain('water')
            && ($thick <= 0.0 || $this->made->isOfMilk())
            && ($thick !== 0.0 || $this->made->bearsNoWater());
    }

    /** Whether something of it simmers or boils. */
    public function isCooked(): bool
    {
        return $this->sensible->isCooked;
    }

    /**
     * Boiling off makes everything stronger and thicker, so it is a remedy for what is thin, or weak throughout, and
     * only in a pan it was cooked in.
     */
    public function mayBoil(): bool
    {
        $weak = array_filter($this->feels, static fn (float $steps): bool => $steps < 0.0);
        $strong = array_filter($this->feels, static fn (float $steps): bool => $steps > 0.0);

        return $this->sensible->isCooked
            && $strong === []
            && (isset($weak[Feel::Thick->value]) || count($weak) > 1);
    }

    /**
     * What can be stirred into a finished sauce. Fat dilutes nothing but heat, and makes it richer, unless it is what
     * the sauce is made of; an egg is nothing to thin with.
     */
    private function canBeStirredIn(Ingredient $thing): bool
    {
        // it dilutes nothing that is dissolved in water
        $isFatty = $thing->isFatty();
        $mayBeFatty
            = array_intersect(array_keys($this->feels), [
                Feel::Hot->value,
                Feel::Rich->value,
                Feel::Thick->value,
            ]) !== [];
        $isRaw
            = $thing->form === Form::Pieces && $thing->isOf('fruit', 'vegetable', 'tomatoes');
        $isAroma = array_diff($thing->roles, ['aroma']) === [];

        return (! $isFatty || $mayBeFatty || $this->made->isMadeOf($thing))
            && ! $thing->is('raw-egg')
            && (! $isRaw || $this->isRawAnyway($thing))
            && ! $isAroma
            && ! $thing->isOf('blend');
    }

    /** Pieces of what the sauce is made of: more tomato in a raw salsa, more fruit cooked soft in a chutney. */
    private function isRawAnyway(Ingredient $thing): bool
    {
        return $this->made->isBody($thing);
    }

    /** It has more of something than the pot has already too much of. */
    private function makesItWorse(Ingredient $thing): bool
    {
        foreach ($this->feels as $named => $steps) {
            $feel = Feel::from($named);
            $measure = $feel->measure();
            if ($steps <= 0.0) {
                continue;
            }
            // oil and butter make nothing thinner, nor does what is drier than the sauce
            if ($feel === Feel::Thick) {
                $water = $this->pot->mixture->grams[Constituent::WATER] / max(1e-9, $this->pot->mass);
                if (
                    $thing->isFatty()
                    || $thing->isThickener()
                    || $thing->perGram[Constituent::WATER] < $water - self::DRIER
                ) {
                    return true;
                }
                continue;
            }
            $has = $measure === null
                ? 100 * $thing->perGram[Constituent::FAT]
                : $measure->strengthOf($thing) ?? 0.0;
            // what has a third as much of it thins nothing to speak of, unless it is what the sauce is made of
            $now = $feel->value($this->pot);
            $brings = ($has - $now) / $feel->perStep($now);
            // stock is water with salt in it
            $isWatery = MadeOf::isWatery($thing);
            $most = $this->made->isBody($thing) && ! $isWatery ? self::LESS_OF_IT : self::A_THIRD_AS_MUCH;
            if ($has > $most * $now && ! $this->hardlyMoves($thing, $brings)) {
                return true;
            }
        }

        return false;
    }

    /**
     * As much of it as mends a step of what is short brings hardly any of what is too much: lemon is sweet as well, and
     * cayenne, and nobody tastes it.
     *
     * @param float $perGram steps of what is too much that it brings, times the pot's mass
     */
    private function hardlyMoves(Ingredient $thing, float $perGram): bool
    {
        foreach ($this->feels as $named => $steps) {
            $short = Feel::from($named);
            $measure = $short->measure();
            if ($steps >= 0.0 || $measure === null) {
                continue;
            }
            $now = $short->value($this->pot);
            $brings = (($measure->strengthOf($thing) ?? 0.0) - $now) / $short->perStep($now);
            if ($brings > 0.0 && $perGram < self::HARDLY * $brings) {
                return true;
            }
        }

        return false;
    }

    private function isPlain(Ingredient $thing): bool
    {
        foreach (self::PLAIN as $for) {
            if ($thing->isPlain($for)) {
                return true;
            }
        }

        // vinegar or lime where the sauce has neither; where it has one, more of that
        return Acids::isPlain($thing)
            && ($this->isNameless || array_filter($this->made->own, Acids::isPlain(...)) === []);
    }

    /**
     * Where nothing plain and nothing of its own does it: what does it and is of a plant, said with what it brings.
     *
     * @param list<Ingredient> $have
     * @param list<Ingredient> $chosen
     *
     * @return list<Ingredient>
     */
    public function widened(array $have, array $chosen): array
    {
        $more = [];
        $unexpected = $this->from->cooked->weighed->vocabulary->unexpectedAllergens();
        foreach ($this->feels as $named => $steps) {
            $feel = Feel::from($named);
            $measure = $feel->measure();
            if ($steps >= 0.0 || $measure === null) {
                continue;
            }
            $now = $feel->value($this->pot);
            $does = static fn (Ingredient $thing): bool => ($measure->strengthOf($thing) ?? 0.0) > 2 * $now + 0.05;
            if (array_filter($chosen, $does) !== []) {
                continue;
            }
            foreach ($have as $thing) {
                $brings = array_intersect($thing->contains, $unexpected);
                $isOfAPlant = ! $thing->is('flesh')
                    && ($brings === [] || ! in_array($thing->slug, $this->strangers, true));
                if (
                    $does($thing)
                    && $isOfAPlant
                    && $this->canBeStirredIn($thing)
                    && $this->sensible->whyNot($thing) === null
                    && ! $this->makesItWorse($thing)
                ) {
                    $more[] = $thing;
                }
            }
        }

        return $more;
    }

    /** Of the kind of a line: it does the same, smells alike, and brings nothing of its own. */
    private function isAkin(Ingredient $thing): bool
    {
        if (in_array($thing->slug, $this->strangers, true)) {
            return false;
        }
        if ($thing->isThickener()) {
            return $this->made->mayThicken();
        }
        foreach ($this->made->own as $own) {
            $does = array_intersect($thing->roles, array_diff($own->roles, ['aroma', 'base', 'body']));
            $isSugar = $own->isOf('sweet') && $thing->isOf('sweet');
            if (
                $does !== []
                && $own->isBeside($thing)
                && ($isSugar || Aroma::likeness($own, $thing) >= self::AKIN)
                && ! Acids::isSweeter($thing, $own)
            ) {
                return true;
            }
        }

        // thicker dairy for thin dairy, thinner for thick, nut paste for nut paste
        foreach (isset($this->feels[Feel::Thick->value]) ? $this->made->own : [] as $own) {
            $pours = min($own->perGram[Constituent::WATER], $thing->perGram[Constituent::WATER]) > self::POURS;
            if (
                $own->isBeside($thing)
                && array_intersect($own->contains, $thing->contains) !== []
                // a knob of butter makes no sauce one of milk
                && ($pours || $this->feels[Feel::Thick->value] < 0.0)
            ) {
                return true;
            }
        }

        // heat is heat: a chilli for a chilli
        return isset($this->feels[Feel::Hot->value])
            && $this->feels[Feel::Hot->value] < 0.0
            && $thing->is('chilli');
    }

    /** Water, where the sauce is let down with what it is made of. */
    public function isBehindItsBody(Ingredient $thing): bool
    {
        return $this->made->isBehindItsBody($thing, $this->makesItWorse(...));
    }
}
