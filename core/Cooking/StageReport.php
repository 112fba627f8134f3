<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Mixture\Mixture;
use Vinculum\Recipe\Stage;

/** What one stage did to the pot. Grams are of all that is in the pot, what hangs in it to be lifted out included. */
final readonly class StageReport
{
    /**
     * @param float $waterIn water that its lines brought, g
     * @param float $boiledOff steam, g: water, acetic acid and alcohol
     * @param float $waterOff the water of it
     * @param float $liftedOut g
     * @param float $waterLifted the water of it
     * @param float $massBeforeLifting g in the pot when the process ends
     * @param float $massSpread half-width in ln of its four-in-five interval
     * @param float $volumeBefore mL in the pot when the process starts
     * @param float $volumeAfter mL in the pot when it ends, before anything is lifted out
     * @param Mixture $sauce what is in the sauce when the stage is done
     * @param float|null $minutes at the heat, as said, or as far as its end point takes at the usual rate; null where
     *     it is no matter of minutes
     * @param float $heatingMinutes until it simmers, where it starts cold
     * @param bool $startsHot whether the pot is hot when the process begins
     * @param float $panCm width of the pan, as said or as a cook would take
     * @param float|null $gramsPerMinute the rate it loses mass at; null where it loses none
     */
    public function __construct(
        public Stage $stage,
        public float $waterIn,
        public float $massIn,
        public float $boiledOff,
        public float $waterOff,
        public float $liftedOut,
        public float $waterLifted,
        public float $massOut,
        public float $massBeforeLifting,
        public float $massSpread,
        public float $volumeBefore,
        public float $volumeAfter,
        public Mixture $sauce,
        public ?float $minutes,
        public float $heatingMinutes,
        public ?float $gramsPerMinute,
        public bool $startsHot,
        public float $panCm = Hob::USUAL_PAN_CM,
    ) {}
}
