<?php

declare(strict_types=1);

namespace Vinculum\Trouble\Laws;

use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Trouble\Fault;
use Vinculum\Trouble\Law;
use Vinculum\Trouble\Moment;
use Vinculum\Trouble\Trouble;

/**
 * Pectin sets where there is much sugar and acid and it has boiled: from about 58 % of dissolved solids on, between pH
 * 2.8 and 3.5. McGee, On Food and Cooking (2004); the figures from memory.
 */
final class PectinFails implements Law
{
    /** Share of dissolved sugars in sugars and water, and pH, between which it sets; a little wider than the book. */
    private const SUGAR = 0.5;
    private const MOST_PH = 3.7;

    private const BOILED = 95.0;

    /** Share of it from which it was put in to set; judgement. */
    private const MEANT = 0.002;

    public function of(Moment $moment): ?Trouble
    {
        $pectin = $moment->having('sets-with-sugar');
        if (! $moment->isLast || Moment::weight($pectin) < self::MEANT * $moment->mass()) {
            return null;
        }
        $sugars = $moment->report->sauce->sugars();
        $isSweet = $sugars >= self::SUGAR * ($sugars + $moment->grams(Constituent::WATER));
        $isSour = $moment->ph() <= self::MOST_PH;
        $isBoiled
            = max($pectin[0]->hottest, $moment->celsius) >= self::BOILED
            || $moment->is(ProcessKind::Boil, ProcessKind::Simmer);
        if ($isSweet && $isSour && $isBoiled) {
            return null;
        }

        return new Trouble(
            Fault::DoesNotSet,
            $moment->stage(),
            true,
            match (true) {
                ! $isBoiled => Sentence::of('It does not set: pectin has to boil with the sugar.'),
                ! $isSweet => Sentence::of(
                    'It does not set: plain pectin wants more than half of it to be sugar. A packet for little '
                        .'sweetness is another thing: do as it says.',
                ),
                default => Sentence::of('It does not set: pectin wants it sourer.'),
            },
            match (true) {
                ! $isBoiled => Sentence::of('Bring it to a full boil for a minute or two.'),
                ! $isSweet => Sentence::of(
                    'More sugar, a pectin for little sugar, or a teaspoon of agar boiled in it.',
                ),
                default => Sentence::of('A tablespoon of lemon juice to half a kilogram, and boil it once more.'),
            },
            'McGee, On Food and Cooking (2004)',
        );
    }
}
