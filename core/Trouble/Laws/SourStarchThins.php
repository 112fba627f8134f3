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
 * Acid cuts starch where it is boiled long: a sour sauce that was thick is thin again. McGee, On Food and Cooking
 * (2004); the figures from memory.
 */
final class SourStarchThins implements Law
{
    private const SOUR = 3.6;

    /** Minutes at the boil after which it is seen. */
    private const LONG = 25.0;

    private const SEEN = 0.008;

    public function of(Moment $moment): ?Trouble
    {
        $starch = Moment::sum($moment->ofKind('starch'), Constituent::STARCH_RAW);
        if (
            $moment->celsius < 90.0
            || $moment->minutes() < self::LONG
            || $moment->ph() > self::SOUR
            || $starch < self::SEEN * $moment->mass()
        ) {
            return null;
        }

        return new Trouble(
            Fault::ThinsAgain,
            $moment->stage(),
            true,
            Sentence::of('It goes thin again: acid cuts the starch when it boils so long.'),
            Sentence::of(
                'Put the starch in for the last two minutes. Thin already: {starch} of fresh starch, slaked in cold '
                    .'water, two minutes at the boil.',
                ['starch' => Quantity::mass($starch / 2)],
            ),
            'McGee, On Food and Cooking (2004)',
        );
    }
}
