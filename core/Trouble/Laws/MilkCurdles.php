<?php

declare(strict_types=1);

namespace Vinculum\Trouble\Laws;

use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Trouble\Fault;
use Vinculum\Trouble\Law;
use Vinculum\Trouble\Moment;
use Vinculum\Trouble\Thing;
use Vinculum\Trouble\Trouble;

/**
 * The protein of milk clots where it is hot and sour: milk at the boil under about pH 5.3, richer things later, since
 * fat keeps the protein apart; cream of a third of fat may boil with wine. Starch keeps it smooth. McGee, On Food and
 * Cooking (2004); the figures from memory.
 */
final class MilkCurdles implements Law
{
    /** pH under which milk clots at the boil, what is as rich as sour cream, and what is as rich as double cream. */
    private const MILK = 5.3;
    private const SOUR_CREAM = 5.1;
    private const DOUBLE_CREAM = 4.0;

    /** g of fat to a gram of protein in them. */
    private const IN_MILK = 1.0;
    private const IN_SOUR_CREAM = 8.0;
    private const IN_DOUBLE_CREAM = 12.0;

    /** Hot enough to clot, °C, and how much less sour it need be at the boil than here. */
    private const HOT = 80.0;
    private const TEPID = 60.0;
    private const TEPID_STANDS = 0.4;

    /** Share of starch that keeps it smooth, and of such protein that is seen when it clots; judgement. */
    private const GUARDED = 0.01;
    private const SEEN = 0.002;

    public function of(Moment $moment): ?Trouble
    {
        $milky = array_values(array_filter(
            $moment->ofKind('dairy', 'plant-dairy'),
            static fn (Thing $thing): bool => $thing->ingredient->is('curdles')
                || $thing->ingredient->is('sets-when-sour'),
        ));
        $protein = Moment::sum($milky, Constituent::PROTEIN);
        if ($moment->celsius < self::TEPID || $protein < self::SEEN * $moment->mass()) {
            return null;
        }
        if ($moment->starch() >= self::GUARDED) {
            return null;
        }
        $clots = self::clotsUnder(Moment::sum($milky, Constituent::FAT) / $protein);
        if ($moment->ph() >= $clots - ($moment->celsius < self::HOT ? self::TEPID_STANDS : 0.0)) {
            return null;
        }

        return new Trouble(
            Fault::Curdles,
            $moment->stage(),
            true,
            Sentence::of(
                'It curdles: {thing} clots where it is hot and as sour as this.',
                ['thing' => $milky[0]->ingredient->shortName()],
            ),
            Sentence::of(
                'Whisk {starch} of starch, slaked in cold water, into it before it gets hot; or let the rest cool to '
                    .'hand-hot first and stir it in off the heat. Curdled already: blend it with that starch, and warm '
                    .'it gently.',
                ['starch' => Quantity::mass(5 * ceil((self::GUARDED * $moment->mass()) / 5))],
            ),
            'McGee, On Food and Cooking (2004)',
        );
    }

    private static function clotsUnder(float $fatty): float
    {
        return $fatty <= self::IN_SOUR_CREAM
            ? self::between($fatty, self::IN_MILK, self::MILK, self::IN_SOUR_CREAM, self::SOUR_CREAM)
            : self::between($fatty, self::IN_SOUR_CREAM, self::SOUR_CREAM, self::IN_DOUBLE_CREAM, self::DOUBLE_CREAM);
    }

    private static function between(float $at, float $from, float $low, float $to, float $high): float
    {
        return $low + ($high - $low) * min(1.0, max(0.0, ($at - $from) / ($to - $from)));
    }
}
