<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\Sensible;

/** What a pot is made of, and what that means for what goes into it: its body, its liquid, its butter and its bits. */
final readonly class MadeOf
{
    /** Share of water from which a thing is hardly more than that; judgement. */
    private const WATERY = 0.96;

    /** Share of what pours up to which a sauce is a mash, and no water goes into it; judgement. */
    private const POURED = 0.1;

    /** Share of fat from which a sauce is one of oil; judgement. */
    private const OILY = 0.25;

    /** Share of butter or oil from which a sauce is made of it, and takes more of it; judgement. */
    private const OF_BUTTER = 0.4;

    /** Share of what is chopped raw from which a sauce is made of it, and takes more; judgement. */
    private const OF_PIECES = 0.25;

    /** Share of egg from which a sauce is held by it; judgement. */
    private const OF_EGGS = 0.1;

    /** @var list<Ingredient> of its lines */
    public array $own;

    /**
     * @param array<string, float> $feels steps by Feel value, positive is too much
     * @param bool $isNameless whether its lines only stand for what nobody wrote down
     */
    public function __construct(
        private Evaluation $from,
        private array $feels,
        private LinearPot $pot,
        private Sensible $sensible,
        private bool $isNameless,
    ) {
        $own = [];
        foreach ($from->cooked->weighed->lines as $line) {
            if ($line->ingredient !== null && ! $line->line->leftOut) {
                $own[] = $line->ingredient;
            }
        }
        $this->own = $own;
    }

    /** Of oil, or of pieces with hardly anything that pours: a spoon of water loosens it, and no more. */
    public function isOfOil(): bool
    {
        $fat = $this->pot->mixture->grams[Constituent::FAT] / max(1e-9, $this->pot->mass);

        return $this->isWateredDownSoon() && ($fat >= self::OILY || $this->isMashed());
    }

    /** Held in drops: mayonnaise, and what is made of it. */
    public function isEmulsion(): bool
    {
        return $this->from->estimates->emulsifiedFat() >= self::OILY * $this->pot->mass;
    }

    /** What the sauce is made of: a good part of it, and no seasoning. */
    public function isBody(Ingredient $thing): bool
    {
        return $this->isOwn($thing) && ! $thing->isPlain('water') && $this->shareOf($thing) >= self::OF_PIECES;
    }

    /**
     * Water, where the sauce is let down with what it is made of: stock, milk, cream.
     *
     * @param callable(Ingredient): bool $isTooMuch whether a thing has more of what there is too much of
     */
    public function isBehindItsBody(Ingredient $thing, callable $isTooMuch): bool
    {
        return $thing->isPlain('water')
            && array_filter(
                $this->own,
                fn (Ingredient $own): bool => $this->isPouredBody($own) && ! $isTooMuch($own),
            ) !== [];
    }

    /** Whether it is what the sauce has its heat of, and there is said to be too little of that. */
    public function isItsMissingHeat(Ingredient $thing): bool
    {
        return ($this->feels[Feel::Hot->value] ?? 0.0) < 0.0
            && in_array('hot', $thing->roles, true)
            && $this->isOwn($thing);
    }

    /** Share of the sauce that came as water, stock or what is hardly more than that. */
    public function waters(): float
    {
        $share = 0.0;
        foreach ($this->own as $own) {
            $share += self::isWatery($own) ? $this->shareOf($own) : 0.0;
        }

        return $share;
    }

    /** Cream and milk are let down with cream and milk. */
    public function isOfMilk(): bool
    {
        return array_filter(
            $this->own,
            fn (Ingredient $own): bool => $own->isOf('milks', 'cream', 'plant-dairy') && $this->isPouredBody($own),
        ) !== [];
    }

    public function isPouredBody(Ingredient $own): bool
    {
        return $own->form === Form::Liquid
            && ! $own->isPlain('water')
            && ! $own->isSeasoning()
            && $this->isBody($own);
    }

    /** Held together by the butter, the oil or the eggs it is made of, hot or cold: water loosens it until it runs. */
    public function isOfButter(): bool
    {
        return array_filter(
            $this->own,
            fn (Ingredient $own): bool => $this->isMadeOf($own)
                || ($own->is('raw-egg') && $this->shareOf($own) >= self::OF_EGGS),
        ) !== [];
    }

    /** Butter or oil that a good part of it is. */
    public function isMadeOf(Ingredient $thing): bool
    {
        return $thing->isFatty() && $this->shareOf($thing) >= self::OF_BUTTER;
    }

    public function shareOf(Ingredient $own): float
    {
        return $this->from->cooked->weighed->gramsOf($own->slug) / max(1e-9, $this->from->cooked->mixture->mass());
    }

    /** What was boiled down without water is no less sweet for water that has to be boiled off again. */
    public function isBoiledDown(): bool
    {
        return ($this->feels[Feel::Sweet->value] ?? 0.0) > 0.0
            && $this->sensible->isCooked
            && ($this->isNameless
                || array_filter($this->own, static fn (Ingredient $own): bool => $own->isPlain('water')) === []);
    }

    /** Of pieces, pastes and powders, with hardly a spoon of anything that pours. */
    public function isMashed(): bool
    {
        $poured = 0.0;
        $all = 0.0;
        foreach ($this->from->cooked->weighed->lines as $line) {
            $all += $line->grams;
            $poured += $line->ingredient?->form === Form::Liquid ? $line->grams : 0.0;
        }

        return $poured < self::POURED * $all;
    }

    /** Eaten as it is stirred, and made without water: a dip of yoghurt, a salsa. */
    public function isWateredDownSoon(): bool
    {
        return ! $this->sensible->isHeated
            && array_filter($this->own, static fn (Ingredient $own): bool => $own->isPlain('water')) === [];
    }

    public function isOwn(Ingredient $thing): bool
    {
        foreach ($this->own as $own) {
            if ($own->slug === $thing->slug) {
                return ! $thing->isThickener() || $this->mayThicken();
            }
        }

        return false;
    }

    /** Starch wants to boil, and is asked for where the sauce is thin. */
    public function mayThicken(): bool
    {
        return $this->sensible->isCooked && ($this->feels[Feel::Thick->value] ?? 0.0) < 0.0;
    }

    /** Hardly more than water: stock, tea. */
    public static function isWatery(Ingredient $thing): bool
    {
        return $thing->perGram[Constituent::WATER] > self::WATERY;
    }

    /** Oil, butter, cream, or fruit boiled down without any. */
    public function bearsNoWater(): bool
    {
        return $this->isOfOil() || $this->isOfMilk() || $this->isOfButter() || $this->isBoiledDown();
    }
}
