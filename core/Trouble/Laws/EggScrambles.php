<?php

declare(strict_types=1);

namespace Vinculum\Trouble\Laws;

use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Trouble\Fault;
use Vinculum\Trouble\Law;
use Vinculum\Trouble\Moment;
use Vinculum\Trouble\Trouble;

/**
 * Egg that is stirred into what boils sets in grains: yolk thickens from 65 °C and scrambles from 72, with much sugar
 * or acid from 82; with starch in it, it may boil. McGee, On Food and Cooking (2004); the figures from memory.
 */
final class EggScrambles implements Law
{
    /** °C from which it sets in grains, and where sugar and acid hold it back. */
    private const FROM = 73.0;
    private const HELD_BACK = 83.0;

    /** Shares of sugars, and of starch, that hold it back; judgement. */
    private const SWEET = 0.15;
    private const GUARDED = 0.01;

    /** Share of its protein from which it is seen; judgement. */
    private const SEEN = 0.004;

    /** pH under which it is held back; judgement. */
    private const SOUR = 4.8;

    public function of(Moment $moment): ?Trouble
    {
        $eggs = $moment->having('raw-egg');
        $protein = Moment::sum($eggs, Constituent::PROTEIN);
        $isHeldBack = $moment->sugars() >= self::SWEET || $moment->ph() < self::SOUR;
        if (
            $protein < self::SEEN * $moment->mass()
            || $moment->celsius < ($isHeldBack ? self::HELD_BACK : self::FROM)
            || $moment->starch() >= self::GUARDED
        ) {
            return null;
        }

        return new Trouble(
            Fault::Scrambles,
            $moment->stage(),
            true,
            Sentence::of(
                'It scrambles: {name} sets in grains from about {from} °C on.',
                [
                    'name' => $eggs[0]->ingredient->shortName(),
                    'from' => Quantity::number($isHeldBack ? self::HELD_BACK : self::FROM, 0),
                ],
            ),
            Sentence::of(
                'Stir it over hot water, and take it off as soon as it coats the spoon; where egg has to be safe, hold '
                    .'it at 71 °C. Scrambled already: blend it and strain it, or begin again with a fresh yolk and '
                    .'a tablespoon of water, and whisk it in by drops.',
            ),
            'McGee, On Food and Cooking (2004)',
        );
    }
}
