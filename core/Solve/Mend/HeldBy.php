<?php

declare(strict_types=1);

namespace Vinculum\Solve\Mend;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Solve\Sensible;

/** What holds a pot together, which decides what mends it whatever it looks like. */
final readonly class HeldBy
{
    /** Share of butter, oil, cheese, chocolate or nuts from which a pot is one of them; judgement. */
    private const OF_IT = 0.15;

    /** Share of sugar from which it is a syrup, and of milk from which it is let down with milk; judgement. */
    private const SWEET = 0.4;
    private const MILKY = 0.2;

    /** Share from which egg, or what holds oil like it, matters; judgement. */
    private const EGG = 0.02;

    /** Share of fat below which nobody sees any come out; judgement. */
    private const LEAN = 0.03;

    /** Share of pieces from which their juice is seen; judgement. */
    private const PIECES = 0.3;

    private Sensible $sensible;

    public function __construct(private Evaluation $of)
    {
        $this->sensible = new Sensible($of);
    }

    /** Melted cheese: not a little of it in oil. */
    public function isCheese(): bool
    {
        return $this->ofKind('ripe-cheese') >= max(self::OF_IT, $this->ofKind('oil'));
    }

    /** Fat that sets in the cold, held warm: not where starch or more egg than fat holds it. */
    public function isButter(): bool
    {
        return ! $this->hasStarch() && $this->being('sets-cold') >= max(self::OF_IT, $this->being('raw-egg'));
    }

    /** Oil whisked into something: that of a paste of herbs stands on it, and is meant to. */
    public function isOil(): bool
    {
        $isInto = $this->hasEgg() || $this->ofKind('vinegar', 'citrus-juice') > 0.0;

        return $isInto && $this->ofKind('oil') >= max(self::OF_IT, $this->being('raw-egg'));
    }

    /** Fat in water or water in fat, and nothing else that thickens it. */
    public function isEmulsion(): bool
    {
        return ! $this->hasStarch() && ($this->isCheese() || $this->isButter() || $this->isOil());
    }

    public function hasEgg(): bool
    {
        return $this->being('emulsifies') > self::EGG;
    }

    public function hasStarch(): bool
    {
        return $this->ofKind('starch') > 0.0;
    }

    public function hasGum(): bool
    {
        return $this->ofKind('gum') > 0.0;
    }

    /** Set by what melts again. */
    public function isJelly(): bool
    {
        return $this->being('jelly-that-melts') > 0.0;
    }

    public function isGelled(): bool
    {
        return $this->being('gels') > 0.0;
    }

    /** With too little fat in it for any to come out. */
    public function isLean(): bool
    {
        $mixture = $this->of->cooked->mixture;

        return $mixture->grams[Constituent::FAT] < self::LEAN * $mixture->mass();
    }

    public function isNutPaste(): bool
    {
        return $this->ofKind('nut-paste') >= self::OF_IT;
    }

    public function isMustard(): bool
    {
        return $this->ofKind('mustard') >= self::OF_IT;
    }

    public function isChocolate(): bool
    {
        return $this->ofKind('chocolate') >= self::OF_IT;
    }

    public function isSyrup(): bool
    {
        return $this->of->cooked->mixture->sugars() >= self::SWEET * $this->of->cooked->mixture->mass();
    }

    public function isMilky(): bool
    {
        return $this->ofKind('dairy', 'plant-dairy') >= self::MILKY;
    }

    public function isRich(): bool
    {
        return $this->ofKind('nut-paste', 'dairy') >= self::OF_IT;
    }

    public function canCurdle(): bool
    {
        return $this->hasEgg() || $this->ofKind('dairy', 'plant-dairy') > 0.0;
    }

    public function isFried(): bool
    {
        foreach ($this->of->recipe->stages as $stage) {
            if ($stage->process?->kind === ProcessKind::Fry) {
                return true;
            }
        }

        return false;
    }

    /** Nothing heats it, and nothing in it would have to be heated: it is not warmed to mend it. */
    public function isCold(): bool
    {
        $asksForHeat
            = $this->hasStarch()
            || $this->isCheese()
            || $this->isButter()
            || $this->isJelly()
            || $this->isChocolate()
            || $this->isSyrup()
            || ($this->being('raw-egg') > self::EGG && ! $this->isOil());

        return ! $this->sensible->isHeated && ! $asksForHeat;
    }

    /** Of things that water runs out of: chopped fruit and vegetables, soured milk. A dressing is just thin. */
    public function weeps(): bool
    {
        return $this->isMilky() || $this->share(
            static fn (Ingredient $thing): bool => $thing->form === Form::Pieces,
        ) >= self::PIECES;
    }

    private function ofKind(string ...$kinds): float
    {
        return $this->share(static fn (Ingredient $thing): bool => $thing->isOf(...$kinds));
    }

    private function being(string $trait): float
    {
        return $this->share(static fn (Ingredient $thing): bool => $thing->is($trait));
    }

    /** @param callable(Ingredient): bool $is */
    private function share(callable $is): float
    {
        $grams = 0.0;
        foreach ($this->of->cooked->weighed->lines as $line) {
            $grams += $line->ingredient !== null && $is($line->ingredient) ? $line->grams : 0.0;
        }

        return $grams / max(1e-9, $this->of->cooked->mixture->mass());
    }
}
