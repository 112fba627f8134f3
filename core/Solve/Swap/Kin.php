<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Aroma;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Safety\Allergens;
use Vinculum\Solve\Sensible;

/**
 * What may stand in for a thing at all, before it is weighed: a fat for a fat of its kind, a herb for a herb, wine for
 * wine, and nothing that brings raw egg, fish or a strange smell of its own.
 */
final readonly class Kin
{
    /** Least fat of an oil or a butter, of what is bound with oil, and of what is rich of itself; shares. */
    private const OIL = 0.75;

    private const BOUND = 0.2;

    private const RICH = 0.1;

    /** How alike aromas have to be where a thing is there for its smell; judgement. */
    private const SMELLS = 0.25;

    /** Aroma, all of it together, that is noticed where it is new; judgement. */
    private const SMELLS_MUCH = 0.5;

    /** Share of water of a drink, a juice or a stock. */
    private const WATERY = 0.75;

    /** Highest sensible share below which a thing is an extract. */
    private const EXTRACT = 0.1;

    /** How near the measure of a drink another keeps, as a share of it; judgement. */
    private const ABOUT = 0.2;
    /** The same of a stock; judgement. */
    private const AS_MUCH = 0.04;
    /** Share of water from which what is of milk or as milk pours or spoons; judgement. */
    private const CREAMY = 0.4;
    /** The same of fresh fruit; judgement. */
    private const NEARLY = 0.1;
    /** Share of water from which fruit is fresh; judgement. */
    private const FRESH = 0.65;
    /** Share of water from which what is savoury is a stock, and no sauce; judgement. */
    private const STOCK = 0.9;
    /** Share of fat from which egg holds a sauce as an emulsion and not as a custard; judgement. */
    private const MOSTLY_FAT = 0.35;

    /** Share of water under which a thing is dry, and of fat from which it is a nut; judgement. */
    private const DRY = 0.12;
    private const NUTTY = 0.3;

    /** So many times as strong in alcohol is another drink. */
    private const STRONGER = 2.5;
    /** Share of alcohol from which a drink is a spirit: no fortified wine holds 25 % by volume. */
    private const SPIRIT = 0.2;

    /** @var list<string> allergens of the sauce */
    private array $contains;

    /** @var list<string> allergens nobody expects in it */
    private array $unexpected;

    private Sensible $sensible;

    private bool $isMostlyFat;

    public function __construct(private Ingredient $out, Evaluation $from)
    {
        $this->sensible = new Sensible($from);
        $mixture = $from->cooked->mixture;
        $this->isMostlyFat = $mixture->grams[Constituent::FAT] > self::MOSTLY_FAT * $mixture->mass();
        $this->contains = array_keys(Allergens::of($from->cooked->weighed)['contains']);
        $this->unexpected = array_values(array_diff(
            $from->cooked->weighed->vocabulary->unexpectedAllergens(),
            $this->contains,
        ));
    }

    /** What a cook takes for it may still not do here: butter is not stirred into what is never warm. */
    public function doesHere(Ingredient $thing): bool
    {
        // what only holds oil sets no custard, and starch sets nothing that stays cold
        $sets = $this->out->is('raw-egg') && $this->sensible->isHeated && ! $this->isMostlyFat;
        $isStarch = $thing->isThickener() && $thing->perGram[Constituent::STARCH_RAW] > 0.0;

        return $this->sensible->whyNot($thing, $this->out) === null
            && (! $sets || $thing->is('raw-egg') || ! ($thing->is('emulsifies') || $thing->is('emulsifies-a-little')))
            && (! $isStarch || $this->out->isThickener() || $sets);
    }

    public function mayStandIn(Ingredient $thing): bool
    {
        return $this->doesHere($thing)
            && array_intersect($thing->contains, $this->unexpected) === []
            && (! $thing->is('raw-egg') || $this->out->is('raw-egg') || in_array('eggs', $this->out->contains, true))
            && $this->isOfItsFat($thing)
            && $this->isOfItsStrength($thing)
            && $this->smellsRight($thing)
            && $this->doesTheSame($thing)
            && $this->thickensAlike($thing);
    }

    private function isOfItsFat(Ingredient $thing): bool
    {
        $out = self::fatKind($this->out);
        $in = self::fatKind($thing);

        return match ($out) {
            'oil', 'solid' => in_array($in, ['oil', 'solid'], true),
            'cream', 'coconut' => in_array($in, ['cream', 'coconut'], true),
            'emulsion' => in_array($in, ['emulsion', 'cream'], true),
            'nuts' => $in === 'nuts',
            default => ! in_array($in, ['oil', 'solid', 'emulsion', 'nuts'], true)
                && ($in !== 'cream' || in_array('milk', $this->contains, true)),
        };
    }

    private static function fatKind(Ingredient $thing): string
    {
        $fat = $thing->perGram[Constituent::FAT];
        $milk = in_array('milk', $thing->contains, true);

        return match (true) {
            array_intersect($thing->contains, ['nuts', 'peanuts', 'sesame']) !== [] && $fat < self::OIL => 'nuts',
            $fat >= self::OIL => $milk ? 'solid' : 'oil',
            $thing->is('emulsifies') && $fat > self::BOUND && ! $thing->is('raw-egg') => 'emulsion',
            $milk && $thing->isOf('rich') => 'cream',
            $thing->isOf('rich') && $fat > self::RICH && ! $thing->is('raw-egg') => 'coconut',
            default => '',
        };
    }

    private function isOfItsStrength(Ingredient $thing): bool
    {
        $out = $this->out->perGram[Constituent::ETHANOL];
        $in = $thing->perGram[Constituent::ETHANOL];

        return ! $thing->isAlcoholic() || ($this->out->isAlcoholic() && $in <= self::STRONGER * $out);
    }

    /** What is there for its smell alone is replaced by what smells somewhat alike, and is there for that too. */
    private function smellsRight(Ingredient $thing): bool
    {
        $likeness = Aroma::likeness($this->out, $thing);
        if ($this->out->isAlcoholic()) {
            // another drink; or a juice or a stock that smells of nothing much else
            return ($this->isDrink($thing) && ! self::isExtract($thing))
                || (! self::isAroma($thing)
                    && $thing->perGram[Constituent::WATER] > self::WATERY
                    && ($likeness > 0.0 || array_sum($thing->aroma) < self::SMELLS_MUCH)
                    && ($thing->isOf('sour') || in_array('umami', $thing->roles, true)));
        }
        if (self::isAroma($this->out)) {
            return in_array('aroma', $thing->roles, true)
                && ! in_array('base', $thing->roles, true)
                && ($likeness >= self::SMELLS || ($this->out->isOf('herb') && $thing->isOf('herb')));
        }
        if (self::isAroma($thing)) {
            return false;
        }

        // coffee for milk, cola for a juice: a smell of its own, and much of it; one vinegar for another is no matter
        return $likeness > 0.0
            || array_sum($thing->aroma) < self::SMELLS_MUCH
            || ($thing->isBeside($this->out) && ! $thing->isOf('liquid'));
    }

    /** Of which a spoon is a great deal. */
    public static function isExtract(Ingredient $thing): bool
    {
        return $thing->mostShare < self::EXTRACT;
    }

    private static function isAroma(Ingredient $thing): bool
    {
        return array_diff($thing->roles, ['aroma']) === [];
    }

    private function isDrink(Ingredient $thing): bool
    {
        return $this->out->isAlcoholic() && $thing->isAlcoholic();
    }

    /**
     * Grams of a drink that fill the measure of the drink it stands in for, where they are about as strong, as much as
     * brings its alcohol where it is a spirit for a wine; of cream, a syrup or a stock that fill the measure of
     * another, and as much of a nut or of fresh fruit by weight; with how near that a cook keeps. Null for anything
     * else. What a drink does to a sauce is mostly its smell, which nobody weighs; syrups go by the measure in the
     * usual tables of substitution.
     *
     * @return array{float, float}|null grams, and the share of them it may be off by
     */
    public function sameMeasure(Ingredient $thing, float $grams): ?array
    {
        [$had, $has] = [$this->out->perGram[Constituent::ETHANOL], $thing->perGram[Constituent::ETHANOL]];
        $as = $grams * ($thing->density ?? 1.0) / ($this->out->density ?? 1.0);
        $isDrink = $this->isDrink($thing) && ! self::isExtract($thing);
        $both = fn (callable $is): bool => $is($this->out) && $is($thing);

        return match (true) {
            $isDrink && $has > max(self::STRONGER * $had, self::SPIRIT) => [$grams * $had / $has, self::ABOUT],
            $isDrink && $had <= self::STRONGER * $has => [$as, self::ABOUT],
            $both(self::isSyrup(...)), $both(self::isStock(...)) => [$as, self::AS_MUCH],
            $both(self::isCreamy(...)) => [$as, self::ABOUT],
            $both(self::isNut(...)) => [$grams, self::AS_MUCH],
            $both(self::isGrown(...)) && $this->out->isBeside($thing) => [$grams, self::NEARLY],
            default => null,
        };
    }

    /** Cream, yoghurt, milk and what is made to do as they do. */
    private static function isCreamy(Ingredient $thing): bool
    {
        return $thing->isOf('rich')
            && $thing->form !== Form::Pieces
            && ! $thing->is('emulsifies')
            && ! $thing->is('raw-egg')
            && $thing->perGram[Constituent::WATER] > self::CREAMY;
    }

    /** Sugar that pours, and sweetens as much as sugar does. */
    private static function isSyrup(Ingredient $thing): bool
    {
        return $thing->isOf('syrup') && $thing->form === Form::Liquid;
    }

    /** Fresh fruit or a vegetable that a sauce is made of; an onion is there for its smell too, and goes by that. */
    private static function isGrown(Ingredient $thing): bool
    {
        return $thing->form === Form::Pieces
            && in_array('base', $thing->roles, true)
            && ! in_array('aroma', $thing->roles, true)
            && $thing->isOf('fruit', 'vegetable')
            && $thing->perGram[Constituent::WATER] > self::FRESH;
    }

    /** A nut or a seed that is mostly fat, whole or broken. */
    private static function isNut(Ingredient $thing): bool
    {
        return $thing->form === Form::Pieces
            && array_intersect($thing->roles, ['body', 'base']) !== []
            && $thing->perGram[Constituent::WATER] < self::DRY
            && $thing->perGram[Constituent::FAT] > self::NUTTY;
    }

    private static function isStock(Ingredient $thing): bool
    {
        return $thing->form === Form::Liquid
            && $thing->perGram[Constituent::WATER] > self::STOCK
            && array_diff($thing->roles, ['base', 'umami']) === [];
    }

    /** Salt for salt, savour for savour, sour fruit for sour fruit, an egg that binds for one that binds. */
    private function doesTheSame(Ingredient $thing): bool
    {
        $has = fn (string $role): bool => in_array($role, $this->out->roles, true);
        $does = static fn (string $role): bool => in_array($role, $thing->roles, true);
        $bitesOut = $this->out->perGram[Constituent::CAPSAICINOIDS] > 0.0;
        $bitesIn = $thing->perGram[Constituent::CAPSAICINOIDS] > 0.0;

        $grown = static fn (Ingredient $one): string => match (true) {
            $one->isOf('vegetable', 'tomatoes') => 'vegetable',
            $one->isOf('fruit') => 'fruit',
            default => '',
        };

        return (! $has('base') || ! $does('base') || $grown($this->out) === $grown($thing))
            // a tomato is no mushroom, though both are what a sauce is made of
            && ($grown($this->out) === '' || ! $has('base') || Aroma::likeness($this->out, $thing) >= self::SMELLS)
            // no lemonade for a juice, no spice blend for a paste, no seaweed for a sauce
            && (! $thing->isOf('liquid') || $this->isDrink($thing) || ! $thing->is('added-sugar')
                || $this->out->is('added-sugar'))
            && (! $thing->isOf('blend') || $this->out->isOf('blend', 'spice'))
            && (! $thing->isOf('savoury') || $thing->form !== Form::Pieces || $this->out->form === Form::Pieces)
            && (! $has('salty') || $does('salty'))
            && (! ($has('base') && $has('acid')) || $does('acid'))
            && (! $this->out->is('raw-egg') || $thing->is('emulsifies'))
            && (! $thing->is('stains') || $this->out->is('stains'))
            && ($bitesOut || ! $bitesIn || (! $does('hot') && $thing->perGram[Constituent::FAT] < self::OIL));
    }

    private function thickensAlike(Ingredient $thing): bool
    {
        $isAlike = $this->out->is('gels') === $thing->is('gels')
            && $this->out->is('starch-raw') === $thing->is('starch-raw');

        return $this->out->isThickener() === $thing->isThickener() && ($isAlike || ! $thing->isThickener());
    }
}
