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
 * A paste of nuts or seeds, and chocolate, is bits in oil: a little water clumps the bits, more of it makes a cream.
 * Seizes with a tenth to less than half of its weight of water, pours from about eight tenths on. McGee, On Food and
 * Cooking (2004), of chocolate; common practice of tahini; the figures from memory.
 */
final class PasteSeizes implements Law
{
    /** g of water to a gram of it, between which it seizes. */
    private const PASTE = [0.06, 0.45];
    private const CHOCOLATE = [0.015, 0.2];

    /** Share of the sauce from which it is seen; judgement. */
    private const SEEN = 0.35;

    public function of(Moment $moment): ?Trouble
    {
        foreach ([['nut-paste', self::PASTE, 0.8], ['chocolate', self::CHOCOLATE, 0.35]] as [$kind, $seizes, $pours]) {
            $pastes = array_values(array_filter(
                $moment->ofKind($kind),
                static fn (Thing $thing): bool => $thing->ingredient->perGram[Constituent::FAT] > 0.25,
            ));
            $paste = Moment::weight($pastes);
            $water = $moment->grams(Constituent::WATER) - Moment::sum($pastes, Constituent::WATER);
            $ratio = $paste > 0.0 ? $water / $paste : 0.0;
            $fats = Moment::weight($moment->ofKind('fat'));
            if (
                $paste >= self::SEEN * $moment->mass()
                && $ratio >= $seizes[0]
                && $ratio <= $seizes[1]
                && $fats < $paste / 4
                && $moment->isLast
            ) {
                return new Trouble(
                    Fault::Pasty,
                    $moment->stage(),
                    true,
                    Sentence::of(
                        'It seizes: so little water clumps {paste}.',
                        ['paste' => $pastes[0]->ingredient->shortName()],
                    ),
                    Sentence::of(
                        'Whisk in about {water} more {hot} by the spoon: it goes stiff first, and then smooth.',
                        [
                            'water' => Quantity::mass($pours * $paste - $water),
                            'hot' => $kind === 'chocolate' ? 'hot water or cream' : 'cold water',
                        ],
                    ),
                    'McGee, On Food and Cooking (2004)',
                );
            }
        }

        return null;
    }
}
