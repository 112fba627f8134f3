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
 * Dry starch in hot liquid swells outside and stays dry within: it wants cold water or fat around every grain first.
 * Common practice, no source.
 */
final class StarchLumps implements Law
{
    private const SEEN = 0.008;

    /** °C from which it swells at once. */
    private const HOT = 65.0;

    public function of(Moment $moment): ?Trouble
    {
        $fresh = array_values(array_filter(
            $moment->ofKind('starch'),
            static fn (Thing $thing): bool => $thing->stage === $moment->stage()
                && $thing->ingredient->is('starch-raw'),
        ));
        $starch = Moment::weight($fresh);
        $fat = 0.0;
        $liquid = 0.0;
        $wasThere = 0.0;
        foreach ($moment->things as $thing) {
            $fat += $thing->of(Constituent::FAT);
            $liquid += $thing->stage === $moment->stage() ? $thing->of(Constituent::WATER) : 0.0;
            $wasThere += $thing->stage === $moment->stage() ? 0.0 : $thing->of(Constituent::WATER);
        }
        if (
            ($moment->before ?? 0.0) < self::HOT
            || $starch < self::SEEN * $moment->mass()
            || $liquid > 0.7 * $starch
            || $fat > 0.6 * $starch
            || $wasThere < 3 * $starch
        ) {
            return null;
        }

        return new Trouble(
            Fault::Lumps,
            $moment->stage(),
            true,
            Sentence::of('It goes lumpy: dry starch does not mix with what is hot.'),
            Sentence::of(
                'Slake it in {water} of cold water first. Lumpy already: whisk hard, or blend it or pass it '
                    .'through a sieve.',
                ['water' => Quantity::mass(max(15.0, 2 * $starch))],
            ),
            'common practice, no source',
        );
    }
}
