<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Amount\Spread;
use Vinculum\Cooking\Hob;
use Vinculum\Mixture\Brix;

/** How much is in a pot by what an instrument shows of it: a weight, a depth on a handle, or what is dissolved. */
final class ReadGrams
{
    /** How far a pan that is moved to the scale is off, besides the scale's step, g; judgement. */
    private const MOVED_PAN_G = 3.0;

    /** A wet handle is read to so many mm. */
    private const DEPTH_MM = 2.0;

    /** A refractometer, °Brix, and how well what is dissolved is known, share; judgement. */
    private const BRIX = 0.5;
    private const DISSOLVED = 0.05;

    /**
     * @param float $pan g
     * @return array{float|null, float} g of sauce, and the half-width; null where it says nothing of that
     */
    public static function of(Event $event, Followed $followed, float $pan): array
    {
        $value = $event->number('value') ?? 0.0;
        $report = $followed->report;
        switch ($event->text('what')) {
            case 'mass':
                $grams = $value - ($event->isTrue('with_pan') ? $pan : 0.0);

                return [$grams, sqrt(self::MOVED_PAN_G ** 2 + Spread::SCALE_STEP_G ** 2)];
            case 'depth':
                $area = Hob::floor($report->panCm);
                $density = $report->volumeBefore > 0.0 ? $report->massIn / $report->volumeBefore : 1.0;

                return [$value / 10 * $area * $density, self::DEPTH_MM / 10 * $area * $density];
            case 'brix':
                $dissolved = (Brix::of($report->sauce->grams) ?? 0.0) / 100 * $report->sauce->mass();
                if ($value <= 0.0 || $dissolved <= 0.0 || $report->liftedOut > 0.0) {
                    return [null, 0.0];
                }
                $grams = 100 * $dissolved / $value;

                return [$grams, $grams * sqrt((self::BRIX / $value) ** 2 + self::DISSOLVED ** 2)];
            default:
                return [null, 0.0];
        }
    }
}
