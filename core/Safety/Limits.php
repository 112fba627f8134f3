<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Evaluation\Estimates;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;

/** Whether a change brings a sauce nearer to a limit of safety: said of every change, whatever it was made for. */
final class Limits
{
    /** A move by less than this is no move. */
    private const PH_MOVES = 0.03;
    private const ACTIVITY_MOVES = 0.003;

    private const NEAR_ACTIVITY = 0.02;

    /**
     * @return list<Sentence> each with the rule it rests on
     */
    public static function approached(Estimates $before, Estimates $after): array
    {
        $said = [];
        $was = $before->ph();
        $is = $after->ph();
        if (
            $was !== null
            && $is !== null
            && $is->value > $was->value + self::PH_MOVES
            && $is->high() > Cautions::PH_LIMIT - Cautions::NEAR_PH
            && (round($is->value, 1) > round($was->value, 1)
                || ($is->high() > Cautions::PH_LIMIT && $was->high() <= Cautions::PH_LIMIT))
        ) {
            $said[] = Sentence::of(
                'Raises the pH from {from} to {to}, perhaps to {high}: {way} 4.6 (US 21 CFR 114.3). Only a '
                    .'calibrated meter says where it is.',
                [
                    'from' => Quantity::number($was->value, 1),
                    'to' => Quantity::number($is->value, 1),
                    'high' => Quantity::number($is->high(), 1),
                    'way' => $is->high() > Cautions::PH_LIMIT ? 'beyond' : 'towards',
                ],
            );
        }
        $wasActive = $before->waterActivity();
        $isActive = $after->waterActivity();
        $limit = Cautions::ACTIVITY_LIMIT;
        if (
            $wasActive !== null
            && $isActive !== null
            && $isActive->value > $wasActive->value + self::ACTIVITY_MOVES
            && $isActive->high() > $limit - self::NEAR_ACTIVITY
            && $wasActive->low() < $limit
        ) {
            $said[] = Sentence::of(
                'Raises the water activity from {from} to {to}, perhaps to {high}; the limit for toxin is 0.85 '
                    .'(US 21 CFR 114.3).',
                [
                    'from' => Quantity::number($wasActive->value, 2),
                    'to' => Quantity::number($isActive->value, 2),
                    'high' => Quantity::number($isActive->high(), 2),
                ],
            );
        }

        return $said;
    }
}
