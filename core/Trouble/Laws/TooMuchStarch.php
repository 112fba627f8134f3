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
 * Of flour 60 g thickens a litre as a sauce, 90 g as a filling; 120 g and more is a paste that stands. Common kitchen
 * ratios (Escoffier, Le Guide culinaire, 1903, from memory).
 */
final class TooMuchStarch implements Law
{
    /** Share of swollen starch that stands when it is cut, and that coats. */
    private const STANDS = 0.075;
    private const COATS = 0.055;

    /** pH under which, and minutes after which, acid has cut it, and it holds no longer. */
    private const SOUR = 3.6;
    private const LONG = 25.0;

    public function of(Moment $moment): ?Trouble
    {
        $starch = $moment->grams(Constituent::STARCH_COOKED);
        $thickened = Moment::sum($moment->ofKind('starch'), Constituent::STARCH_RAW);
        $isCut = $moment->ph() < self::SOUR && $moment->minutes() > self::LONG;
        if (! $moment->isLast || $isCut || $starch < self::STANDS * $moment->mass() || $thickened < $starch / 2) {
            return null;
        }

        return new Trouble(
            Fault::SetsTooFirm,
            $moment->stage(),
            true,
            Sentence::of('It is a paste, and stands when it is cold: so much starch holds all the water.'),
            Sentence::of(
                'Whisk in about {liquid} of warm liquid of its own kind, and salt again; next time half of the flour '
                    .'or starch.',
                ['liquid' => Quantity::volume($starch / self::COATS - $moment->mass())],
            ),
            'Escoffier, Le Guide culinaire (1903)',
        );
    }
}
