<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Thickness;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\Sensible;

/** How much of each thing a cook would put into a pot to mend it. */
final readonly class Room
{
    /**
     * Water that goes into what is thin by nature or too thick, into anything else, and into what is of oil or is eaten
     * as it is stirred, in parts of the pot; judgement.
     */
    private const WATERED = 0.33;

    private const LET_DOWN = 0.1;

    private const LET_DOWN_A_LITTLE = 0.1;
    private const LET_DOWN_AN_EMULSION = 0.25;

    /** Share of water lines from which a sauce is made of water; judgement. */
    private const OF_WATER = 0.4;

    /** What there is of a thing that may go in once more beyond its sensible share; judgement. */
    private const MORE_OF_IT = 0.35;

    /** ... and of a seasoning that only thins what is too much; judgement. */
    private const HALF_AS_MUCH = 0.5;

    /** ... but of the chilli, where it is not hot enough, as many times as there is; judgement. */
    private const HOTTER = 2.0;

    /** What makes up so much of the pot may be more of it. */
    private const IS_THE_SAUCE = 0.5;

    /** Roles of what a sauce is made of. */
    private const BODY = ['base', 'body'];

    /** Grams of a line that are more than a pinch of it. */
    private const PINCH = 5.0;

    /** At most so many times the pot of any one thing. */
    private const MOST = 3.0;

    /** Salt, sour and sweet that a sauce has at the least where it is said to be short of it; judgement. */
    private const AT_LEAST = ['salty' => 0.5, 'sour' => 0.12, 'sweet' => 1.0];

    /** Salt of a sauce that was salted to taste, g in 100 g; judgement. */
    private const SALTED = 1.0;

    /** What is said to be too hot is at least so many times as hot as what would just be noticed so; judgement. */
    private const BELIEVED = 4.0;

    /**
     * The pot may grow by a third, and by more only where all that goes in is what the sauce is made of; judgement.
     */
    public const GROWS = 0.33;
    private const GROWS_BY_ITSELF = 0.42;

    public function __construct(private Equations $equations, private MadeOf $made) {}

    /** Grams of it that may go in. */
    public function most(Ingredient $thing): float
    {
        $most = self::MOST * $this->equations->pot->mass;
        $cooked = $this->equations->from->cooked;
        $there = $cooked->weighed->gramsOf($thing->slug) * $this->equations->pot->mass / $cooked->mixture->mass();
        // of the pot as it will be, which grows by what goes in
        $isTheSauce = $there > self::IS_THE_SAUCE * $this->equations->pot->mass;
        // a sauce that already has its fill of a thing is one that takes more of it than most do
        $room = $isTheSauce ? $most : Sensible::roomWhereItGrows($thing, $this->equations->pot->mass, $there);
        $most = min($most, max($room, self::MORE_OF_IT * $there));
        // what is too much is thinned by what thins, and not by a second helping of every seasoning
        $isSeasoning = ! in_array('base', $thing->roles, true) && $there > self::PINCH;
        $isByItself = ! $thing->isSeasoning() || $this->isAgainstIt($thing);
        if ($isSeasoning && $this->equations->feels !== [] && min($this->equations->feels) > 0.0) {
            $most = min(
                $most,
                ($isByItself ? 1.0 : self::HALF_AS_MUCH) * $there,
            );
        }
        // what is chopped into it is doubled at the most: nobody salts a mayonnaise with a jar of capers
        if ($there > 0.0 && self::isChoppedIn($thing)) {
            $most = min($most, ($this->made->isItsMissingHeat($thing) ? self::HOTTER : 1.0) * $there);
        }
        // a drink that goes in last is not boiled off any more
        if ($thing->isAlcoholic() && $this->equations->concentrates() <= 1.0) {
            $most = min($most, self::MORE_OF_IT * $there);
        }
        if ($thing->isPlain('water') && $this->equations->state->boiledFurther <= 0.0) {
            // what boils down again before it is done may be more
            $most = min($most, $this->waterTaken() * $this->equations->concentrates() * $this->equations->pot->mass);
        }

        return $most;
    }

    /** Water that goes in, in parts of the pot: little, but where the sauce is of it and where only thinning helps. */
    private function waterTaken(): float
    {
        $isTooThick = ($this->equations->feels[Feel::Thick->value] ?? 0.0) > 0.0;
        $onlyThins = $isTooThick || ($this->equations->feels[Feel::Hot->value] ?? 0.0) > 0.0;
        $isThin
            = $this->equations->pot->powers < Thickness::Coats->begins()
            || $this->made->waters() >= self::OF_WATER
            // a pot of which only the kind is known takes what every kitchen has
            || $this->equations->state->isNameless
            || $this->equations->concentrates() > 1.0;

        return match (true) {
            $this->made->isOfOil() => $isTooThick && $this->made->isEmulsion()
                ? self::LET_DOWN_AN_EMULSION
                : self::LET_DOWN_A_LITTLE,
            $this->made->isWateredDownSoon() && ! $isTooThick => self::LET_DOWN_A_LITTLE,
            $onlyThins || $isThin => self::WATERED,
            default => self::LET_DOWN,
        };
    }

    /** Whether it hides what is too much: sugar what is sour, acid what is sweet. */
    private function isAgainstIt(Ingredient $thing): bool
    {
        foreach (array_keys($this->equations->feels) as $named) {
            $does = match ($this->equations->hides(Feel::from($named))) {
                // it hides little of what is salt
                Feel::Sweet => $thing->isOf('sweet') && $named !== Feel::Salty->value,
                Feel::Sour => in_array('acid', $thing->roles, true),
                default => false,
            };
            if ($does) {
                return true;
            }
        }

        return false;
    }

    public static function isChoppedIn(Ingredient $thing): bool
    {
        return $thing->form === Form::Pieces && array_intersect($thing->roles, self::BODY) === [];
    }

    /**
     * By how much of itself the pot may grow; what boils down again before it is done may be more.
     *
     * @param list<Ingredient> $things
     */
    public function grows(array $things): float
    {
        $body = array_filter($things, $this->made->isBody(...));
        $rest = array_filter(
            $things,
            fn (Ingredient $thing): bool => ! $this->made->isBody($thing) && ! $thing->isSeasoning(),
        );

        $isThick = ($this->equations->feels[Feel::Thick->value] ?? 0.0) > 0.0;

        $grows = $isThick && $body !== [] && $rest === [] ? self::GROWS_BY_ITSELF : self::GROWS;

        return $grows * $this->equations->concentrates();
    }

    /**
     * Where what is short should be at the least, in the measure's unit: a sauce without salt asks for a teaspoon and
     * not for a pinch.
     */
    public static function floor(Feel $feel, float $steps): float
    {
        return $steps < 0.0 ? (self::AT_LEAST[$feel->value] ?? 0.0) * min(1.0, -$steps) : 0.0;
    }

    /**
     * Salt that went in to taste, where it is said to be too much: as much as salts a sauce, and the steps on top.
     *
     * @param array<string, float> $feels
     */
    public static function salted(Evaluation $from, array $feels, Catalogue $catalogue, LinearPot $pot): LinearPot
    {
        $steps = $feels[Feel::Salty->value] ?? 0.0;
        $salt = $catalogue->plainFor('salty');
        $toTaste = array_filter(
            $from->cooked->weighed->lines,
            static fn (WeighedLine $line): bool => $line->ingredient?->isOf('salt') === true
                && $line->amount?->isToTaste() === true,
        );
        if ($steps <= 0.0 || $salt === null || $toTaste === []) {
            return $pot;
        }
        $missing = Feel::Salty->moved(self::SALTED, $steps) - Feel::Salty->value($pot);

        return $missing > 0.0 ? $pot->with([[$salt, $missing / 100 * $pot->mass]]) : $pot;
    }

    /**
     * The spoon is believed: what is too hot by some steps is at least so hot, and chillies differ tenfold.
     *
     * @param array<string, float> $feels
     */
    public static function believed(array $feels, LinearPot $pot): float
    {
        $steps = $feels[Feel::Hot->value] ?? 0.0;
        $is = Feel::Hot->value($pot);
        if ($steps <= 0.0 || $is <= 0.0) {
            return 1.0;
        }
        $least = self::BELIEVED * Feel::Hot->moved(0.0, $steps);

        return max(1.0, $least / $is);
    }
}
