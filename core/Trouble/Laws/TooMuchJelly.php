<?php

declare(strict_types=1);

namespace Vinculum\Trouble\Laws;

use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Trouble\Fault;
use Vinculum\Trouble\Law;
use Vinculum\Trouble\Moment;
use Vinculum\Trouble\Trouble;

/**
 * Of xanthan and guar 0.2 to 0.4 % thickens; from 0.8 % it is slime. Of gelatine 4 %, of agar 1.5 % is rubber. Common
 * practice, no source.
 */
final class TooMuchJelly implements Law
{
    private const GUM = 0.008;
    private const GELATINE = 0.04;
    private const AGAR = 0.015;

    /** Powers of ten for a gram in 100 from which a gum is of the strong kind. */
    private const STRONG = 9.0;

    public function of(Moment $moment): ?Trouble
    {
        foreach ($moment->ofKind('gum') as $gum) {
            $thing = $gum->ingredient;
            $most = match (true) {
                $thing->is('jelly-that-melts') => self::GELATINE,
                $thing->is('sets-once-boiled') => self::AGAR,
                $thing->thickens >= self::STRONG => self::GUM,
                default => 1.0,
            };
            if ($gum->grams > $most * $moment->mass()) {
                return new Trouble(
                    $most === self::GUM ? Fault::Pasty : Fault::SetsTooFirm,
                    $moment->stage(),
                    true,
                    $most === self::GUM
                        ? Sentence::of(
                            'It turns to slime: {gum} of {thing} is far too much for it.',
                            ['gum' => Quantity::mass($gum->grams), 'thing' => $thing->shortName()],
                        )
                        : Sentence::of(
                            'It sets like rubber: {gum} of {thing} is too much for it.',
                            ['gum' => Quantity::mass($gum->grams), 'thing' => $thing->shortName()],
                        ),
                    Sentence::of(
                        'Take about {less}, or make the rest of it {times} times as much.',
                        [
                            'less' => Quantity::mass(($most / 2) * $moment->mass()),
                            'times' => Quantity::number(ceil($gum->grams / ($most / 2) / $moment->mass()), 0),
                        ],
                    ),
                    'common practice, no source',
                );
            }
        }

        return null;
    }
}
