<?php

declare(strict_types=1);

namespace Vinculum\Trouble\Laws;

use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Trouble\Fault;
use Vinculum\Trouble\Law;
use Vinculum\Trouble\Moment;
use Vinculum\Trouble\Trouble;

/**
 * Water at 20 °C holds twice its weight of sugar: what was boiled down past that comes out in grains as it stands,
 * unless acid has split some of it or another sugar, fat or milk is in the way. Honey sets in grains within weeks.
 * McGee, On Food and Cooking (2004); White, Composition of American Honeys (1962); from memory.
 */
final class SugarCrystallises implements Law
{
    /** g of sugar to a gram of water that stays in solution. */
    private const HOLDS = 2.1;

    /** Share of plain sugar in all that is sweet and dissolved, and in all of it, from which it does; judgement. */
    private const PLAIN = 0.85;
    private const MOST = 0.6;

    /** pH under which boiling splits enough of it; judgement. */
    private const SOUR = 4.0;

    /** Share of grape sugar, of water, and minutes, of a honey that sets. */
    private const GRAPE_SUGAR = 0.28;
    private const THICK = 0.2;
    private const WEEKS = 20160.0;

    public function of(Moment $moment): ?Trouble
    {
        $sucrose = $moment->grams(Constituent::SUCROSE);
        $sweet = $moment->report->sauce->sugars();
        $isSyrup
            = $sucrose > self::HOLDS * $moment->grams(Constituent::WATER)
            && $sucrose >= self::PLAIN * $sweet
            && $sucrose >= self::MOST * $moment->mass()
            && $moment->ph() > self::SOUR;
        if ($isSyrup && $moment->stands > 0.0 && $moment->is(ProcessKind::Rest, ProcessKind::Chill)) {
            return self::trouble(
                $moment,
                Sentence::of('It crystallises as it cools: there is more sugar than so much water holds.'),
                Sentence::of(
                    'Boil it up again with {water} of water and a teaspoon of lemon juice, lid on, and do not stir. '
                        .'Next time let a fifth of the sugar be a syrup of grape sugar.',
                    ['water' => Quantity::mass(max(
                        15.0,
                        $sucrose / self::HOLDS - $moment->grams(Constituent::WATER),
                    ))],
                ),
            );
        }
        if (
            $moment->is(ProcessKind::Rest, ProcessKind::Chill)
            && $moment->minutes() >= self::WEEKS
            && $moment->share(Constituent::GLUCOSE) >= self::GRAPE_SUGAR
            && $moment->share(Constituent::WATER) <= self::THICK
        ) {
            return self::trouble(
                $moment,
                Sentence::of('It sets in grains within weeks, as honey does, soonest at cellar cold.'),
                Sentence::of(
                    'Stand it in water of 40 °C for half an hour; a fifth of water or vinegar keeps it clear.',
                ),
            );
        }

        return null;
    }

    private static function trouble(Moment $moment, Sentence $text, Sentence $mend): Trouble
    {
        return new Trouble(
            Fault::Crystallises,
            $moment->stage(),
            true,
            $text,
            $mend,
            'McGee, On Food and Cooking (2004)',
        );
    }
}
