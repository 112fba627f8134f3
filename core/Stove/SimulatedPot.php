<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Cooking\Hob;
use Vinculum\Figure\Figure;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedRecipe;

/**
 * The truth about a pot that is not there: how much really went in, how strong the hob really is, what the pan weighs.
 * Everything follows from its seed, so that a practice pot is the same pot after a restart.
 */
final readonly class SimulatedPot
{
    /** Heating up takes this much longer or shorter: standard deviation in ln; judgement. */
    private const HEATING = 0.2;

    /** g, an enamelled pan: the least, and how much more it may be. */
    private const PAN_FROM = 900.0;
    private const PAN_MORE = 600.0;

    public function __construct(public int $seed) {}

    /** How much stronger than its table the hob is. */
    public function hobFactor(): float
    {
        return exp($this->normal('hob') * Hob::SPREAD / Figure::HALF_WIDTHS);
    }

    /** How much longer than usual it takes to come to the boil. */
    public function heatingFactor(): float
    {
        return exp($this->normal('heating') * self::HEATING);
    }

    /** g */
    public function pan(): float
    {
        return round(self::PAN_FROM + self::PAN_MORE * $this->uniform('pan'));
    }

    /** What went in when the maker thought it was as written: nobody's cup is the book's. */
    public function really(Recipe $recipe, WeighedRecipe $weighed): Recipe
    {
        $amounts = [];
        foreach ($weighed->lines as $i => $line) {
            if ($line->source === $i && $line->grams > 0.0) {
                $factor = exp($this->normal("line {$line->line->id}") * $line->spread / Figure::HALF_WIDTHS);
                $amounts[$line->line->id] = sprintf('%.3f g', $line->grams * $factor);
            }
        }

        return $recipe->inGrams($weighed)->withAmounts($amounts);
    }

    /** A draw from the standard normal distribution, always the same for the same words. */
    public function normal(string $of): float
    {
        // Box and Muller
        return sqrt(-2 * log(max(1e-12, $this->uniform("{$of} a")))) * cos(2 * M_PI * $this->uniform("{$of} b"));
    }

    /** From 0 to 1. */
    public function uniform(string $of): float
    {
        return hexdec(substr(hash('sha256', "{$this->seed} {$of}"), 0, 13)) / 16 ** 13;
    }
}
