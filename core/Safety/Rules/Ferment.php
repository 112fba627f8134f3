<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** A mash or brine left to sour by itself. */
final class Ferment implements Rule
{
    /** Share of salt of the whole below which what spoils comes first; extension services on sauerkraut and pickles. */
    private const LEAST_SALT = 0.015;

    private const SOURCE = 'US FDA on acidified and fermented foods; USDA Complete Guide on fermented foods, never '
        .'with less salt';

    public function of(Facts $sauce): array
    {
        if (! $sauce->isLeftToSour()) {
            return [];
        }
        $salt = $sauce->cooked->mixture->grams[Constituent::SODIUM] * Density::SALT_PER_SODIUM;
        $share = $sauce->mass() > 0.0 ? $salt / $sauce->mass() : 0.0;
        if ($share < self::LEAST_SALT) {
            return [
                Caution::of(
                    Grade::Stop,
                    'ferment',
                    sprintf(
                        'Left to sour by itself with too little salt: this one has %.1f %% of the whole, and under '
                            .'1.5 %% what spoils and what poisons grows before it is sour. Salt at two per cent or '
                            .'more, everything under the brine, and a meter that says pH 4.6 or less, better 4.0.',
                        100 * $share,
                    ),
                    self::SOURCE,
                ),
            ];
        }

        return [
            Caution::of(
                Grade::Mind,
                'ferment',
                'Left to sour by itself: it is low in acid until it has. Salt at two per cent or more, '
                    .'everything under the brine, and a meter that says pH 4.6 or less, better 4.0, before it is '
                    .'eaten or kept. A white film is yeast and is taken off; mould that is furred or coloured, slime '
                    .'or a foul smell, and all of it is thrown away.',
                self::SOURCE,
            ),
            Caution::of(
                Grade::Mind,
                'ferment-gas',
                'It makes gas: never in a jar or bottle that is closed tight, which bursts. A lid laid on, an airlock, '
                    .'or let the gas out every day; in the fridge, too.',
                'National Center for Home Food Preservation, on fermenting; common practice',
            ),
        ];
    }
}
