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
 * Coconut cream cracks when it is boiled hard; cheese over heat, without starch, drops its fat and draws strings.
 * Thompson, Thai Food (2002); McGee, On Food and Cooking (2004); from memory.
 */
final class RichLiquidBreaks implements Law
{
    /** Share of such a thing from which it is seen, and of starch that holds it; judgement. */
    private const COCONUT = 0.4;
    private const CHEESE = 0.08;
    private const GUARDED = 0.01;

    /** Share of the pot boiled off from which coconut cracks, and the least fat it has to crack. */
    private const CRACKS_AT = 0.15;
    private const RICH = 0.15;

    private const CHEESE_FROM = 85.0;

    /** g of cream to a gram of cheese that carries it; judgement. */
    private const CREAMY = 1.5;

    public function of(Moment $moment): ?Trouble
    {
        if (! $moment->is(ProcessKind::Simmer, ProcessKind::Boil) || $moment->starch() >= self::GUARDED) {
            return null;
        }
        $coconut = array_values(array_filter(
            $moment->ofKind('plant-dairy'),
            static fn (Thing $thing): bool => $thing->ingredient->perGram[Constituent::FAT] >= self::RICH,
        ));
        $isHard = $moment->is(ProcessKind::Boil) || $moment->isHigh();
        if (
            $isHard
            && $moment->lost() >= self::CRACKS_AT
            && Moment::weight($coconut) >= self::COCONUT * $moment->report->massIn
        ) {
            return new Trouble(
                Fault::BreaksOil,
                $moment->stage(),
                true,
                Sentence::of('The coconut cracks: its oil comes out when it is boiled hard and water boils off.'),
                Sentence::of(
                    'Simmer it on low, and stir. Where it is meant to crack, as for frying a paste in it, leave it; '
                        .'else whisk in half a cup of hot water or stock.',
                ),
                'Thompson, Thai Food (2002)',
            );
        }
        if (
            $moment->celsius >= self::CHEESE_FROM
            && Moment::weight($moment->ofKind('ripe-cheese')) >= self::CHEESE * $moment->mass()
            && Moment::weight($moment->ofKind('cream')) < self::CREAMY * Moment::weight($moment->ofKind('ripe-cheese'))
        ) {
            return new Trouble(
                Fault::BreaksOil,
                $moment->stage(),
                true,
                Sentence::of('The cheese drops its fat and draws strings: it does not bear the boil without starch.'),
                Sentence::of(
                    'Stir it in off the heat, grated, with a teaspoon of starch. Split already: two teaspoons of '
                        .'starch slaked in a tablespoon each of lemon juice and water, whisked in below the boil.',
                ),
                'McGee, On Food and Cooking (2004)',
            );
        }

        return null;
    }
}
