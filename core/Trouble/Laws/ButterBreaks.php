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
 * Butter whisked into a little liquid stays creamy to about 58 °C; boiled, its fat comes out. Starch holds it, and so
 * does much cream. McGee, On Food and Cooking (2004), from memory.
 */
final class ButterBreaks implements Law
{
    private const FROM = 62.0;

    /** Share of butter's fat from which it is a butter sauce, and of starch that holds it; judgement. */
    private const A_BUTTER_SAUCE = 0.2;
    private const GUARDED = 0.01;

    /** Share of water it is whisked into; less is butter that is fried or browned; judgement. */
    private const WATER = 0.12;

    public function of(Moment $moment): ?Trouble
    {
        $butter = array_values(array_filter(
            $moment->having('sets-cold'),
            static fn (Thing $thing): bool => $thing->ingredient->perGram[Constituent::WATER] > 0.1
                && $thing->hottest < self::FROM,
        ));
        $cream = array_values(array_filter(
            $moment->ofKind('cream', 'cultured'),
            static fn (Thing $thing): bool => $thing->ingredient->perGram[Constituent::FAT] > 0.15,
        ));
        if (
            $moment->celsius < self::FROM
            || ! $moment->is(ProcessKind::Simmer, ProcessKind::Boil, ProcessKind::Warm)
            || Moment::sum($butter, Constituent::FAT) < self::A_BUTTER_SAUCE * $moment->mass()
            || $moment->share(Constituent::WATER) < self::WATER
            || $moment->starch() >= self::GUARDED
            || $moment->sugars() > self::A_BUTTER_SAUCE
            || Moment::weight($cream) > Moment::weight($butter)
        ) {
            return null;
        }

        return new Trouble(
            Fault::BreaksOil,
            $moment->stage(),
            true,
            Sentence::of('The butter comes out as oil: a sauce of butter whisked into liquid holds to about 58 °C.'),
            Sentence::of(
                'Whisk the butter in off the heat, cold and by pieces, and keep it hand-hot. Split already: boil two '
                    .'tablespoons of cream or stock in a clean pan, take it off, and whisk the sauce in by spoons.',
            ),
            'McGee, On Food and Cooking (2004)',
        );
    }
}
