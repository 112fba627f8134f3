<?php

declare(strict_types=1);

namespace Vinculum\Trouble\Laws;

use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Trouble\Fault;
use Vinculum\Trouble\Law;
use Vinculum\Trouble\Moment;
use Vinculum\Trouble\Thing;
use Vinculum\Trouble\Trouble;

/**
 * Oil that nothing holds floats up in minutes; bits and pulp hold some of it back for a day. Common practice, no
 * source.
 */
final class OilRises implements Law
{
    /** Share of oil, and of water below it, from which it is seen; judgement. */
    private const OIL = 0.2;
    private const WATER = 0.05;

    /** Minutes until it has risen, and where bits hold it back; share of those. */
    private const SOON = 10.0;
    private const LATER = 1440.0;
    private const BITS = 0.03;
    private const PIECES = 0.2;

    public function of(Moment $moment): ?Trouble
    {
        $oil = Moment::weight(array_values(array_filter(
            $moment->ofKind('oil'),
            static fn (Thing $thing): bool => $thing->ingredient->perGram[Constituent::FAT] > 0.9,
        )));
        $holds = EmulsionBreaks::holds($moment);
        $isThick = $moment->starch() > 0.01 || Moment::weight($moment->ofKind('gum')) > 0.0005 * $moment->mass();
        $hasBits
            = $moment->share(Constituent::INSOLUBLE) >= self::BITS
            || $moment->pieces() >= self::PIECES * $moment->mass();
        $stays = $hasBits ? self::LATER : self::SOON;
        $water = $hasBits ? $moment->grams(Constituent::WATER) : $moment->liquid();
        if (
            $isThick
            || ! $moment->is(ProcessKind::Rest, ProcessKind::Chill)
            || $moment->minutes() < $stays
            || $oil - $holds < self::OIL * $moment->mass()
            || $water < self::WATER * $moment->mass()
        ) {
            return null;
        }

        return new Trouble(
            Fault::Splits,
            $moment->stage(),
            true,
            Sentence::of('The oil floats up while it stands: nothing in it holds the drops.'),
            Sentence::of(
                'Shake or stir it again before it is used. So that it holds for a while: a teaspoon of mustard to '
                    .'a cup of it, whisked in.',
            ),
            'common practice, no source',
        );
    }
}
