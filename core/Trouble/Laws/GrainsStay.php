<?php

declare(strict_types=1);

namespace Vinculum\Trouble\Laws;

use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Saturation;
use Vinculum\Trouble\Fault;
use Vinculum\Trouble\Law;
use Vinculum\Trouble\Moment;
use Vinculum\Trouble\Thing;
use Vinculum\Trouble\Trouble;

/**
 * What the water cannot hold stays as grains.
 */
final class GrainsStay implements Law
{
    /** g of it, and share of the sauce, from which it is said; judgement. */
    private const SEEN = 3.0;
    private const SHARE = 0.02;

    /** A mixture as dry as this is a rub, and meant to be grains; judgement. */
    private const DRY = 0.12;

    private const BOILED = 90.0;

    public function of(Moment $moment): ?Trouble
    {
        if (! $moment->isLast || $moment->share(Constituent::WATER) < self::DRY) {
            return null;
        }
        $grains = Saturation::grains($moment->report->sauce->grams);
        // a syrup that was boiled stays a syrup for a while: whether it crystallises is another question
        $wasBoiled = $moment->celsius >= self::BOILED
            || array_filter($moment->things, static fn (Thing $thing): bool => $thing->hottest >= self::BOILED) !== [];
        $all = $grains['salt'] + ($wasBoiled ? 0.0 : $grains['sugars']);
        if ($all < max(self::SEEN, self::SHARE * $moment->mass())) {
            return null;
        }

        return new Trouble(
            Fault::GrainsStay,
            $moment->stage(),
            false,
            Sentence::of(
                'About {grains} stays as grains: the water holds no more.',
                ['grains' => Quantity::mass($all)],
            ),
            Sentence::of('Leave it, less salt or sugar, or more liquid.'),
            'CRC Handbook',
        );
    }
}
