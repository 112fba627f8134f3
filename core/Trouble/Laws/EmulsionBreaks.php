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
use Vinculum\Trouble\Thing;
use Vinculum\Trouble\Trouble;

/**
 * Oil that is to be held in drops wants something that holds it, and some water to be drops in: an egg yolk holds
 * 150 to 250 mL of oil, 5 g of mustard some 150; of all that is there the drops may fill about nine tenths. What
 * yolk holds it lets go of when it boils. McGee, On Food and Cooking (2004); the figures from memory.
 */
final class EmulsionBreaks implements Law
{
    /** g of oil that a gram of an emulsifier's protein holds, and a gram of mustard; from yolk and vinaigrette. */
    public const HELD_BY_PROTEIN = 85.0;
    private const HELD_BY_LITTLE = 27.0;

    /** Share of the volume that drops may fill. */
    private const CROWDED = 0.9;

    /** Share of oil from which what is blended or whisked is meant to be one; judgement. */
    private const MEANT_FROM = 0.55;

    /** Least share of water of a thing that is blended to be one, and not just oil with bits in it; judgement. */
    private const SOME_WATER = 0.01;

    /** °C from which yolk lets go, and share of such a thing from which it is seen. */
    private const LETS_GO = 75.0;
    private const SEEN = 0.15;

    private const ML_PER_G_OF_OIL = 1.09;

    public function of(Moment $moment): ?Trouble
    {
        $made = $moment->ofKind('emulsion');
        if ($moment->celsius >= self::LETS_GO && Moment::weight($made) >= self::SEEN * $moment->mass()) {
            return new Trouble(
                Fault::BreaksOil,
                $moment->stage(),
                true,
                Sentence::of(
                    'The oil comes out: {thing} lets go of it when it boils.',
                    ['thing' => $made[0]->ingredient->shortName()],
                ),
                Sentence::of(
                    'Stir it in off the heat, once the rest is hand-hot. Broken already: blend it with two '
                        .'tablespoons of water.',
                ),
                'common practice, no source',
            );
        }

        return $this->tooMuchOil($moment);
    }

    private function tooMuchOil(Moment $moment): ?Trouble
    {
        $oils = array_values(array_filter(
            $moment->ofKind('oil'),
            static fn (Thing $thing): bool => $thing->ingredient->perGram[Constituent::FAT] > 0.9,
        ));
        $oil = Moment::weight($oils);
        $water = $moment->liquid() / $moment->mass();
        $isMeant
            = $moment->is(ProcessKind::Blend)
            || Moment::weight($moment->having('raw-egg', 'emulsifies')) > 0.01 * $moment->mass();
        if (! $isMeant || $oil < self::MEANT_FROM * $moment->mass() || $water < self::SOME_WATER) {
            return null;
        }
        $holds = self::holds($moment);
        $volume = $oil * self::ML_PER_G_OF_OIL;
        $isCrowded = $volume > self::CROWDED * ($volume + $moment->mass() - $oil);
        if ($oil <= $holds && ! $isCrowded) {
            return null;
        }

        return new Trouble(
            Fault::BreaksOil,
            $moment->stage(),
            true,
            $oil > $holds
                ? Sentence::of(
                    'The oil comes out: what holds it in drops here holds about {holds}, and there is {oil}.',
                    ['holds' => Quantity::mass($holds), 'oil' => Quantity::mass($oil)],
                )
                : Sentence::of('The oil comes out: there is too little water for so much of it to be drops in.'),
            Sentence::of(
                'A fresh yolk and a teaspoon of water in a clean bowl, and the sauce whisked in by drops, then by the '
                    .'spoon. So that it holds: a yolk for every 200 ml of oil, and a tablespoon of water, lemon or '
                    .'vinegar.',
            ),
            'McGee, On Food and Cooking (2004)',
        );
    }

    /** g of oil that what is in it holds in drops. */
    public static function holds(Moment $moment): float
    {
        return self::HELD_BY_PROTEIN * Moment::sum(
            [
                ...$moment->having('raw-egg', 'emulsifies'),
                ...$moment->ofKind('plant-dairy', 'soya-curd', 'milks', 'cream', 'cultured'),
            ],
            Constituent::PROTEIN,
        ) + self::HELD_BY_LITTLE * Moment::weight($moment->having('emulsifies-a-little'));
    }
}
