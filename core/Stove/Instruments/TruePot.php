<?php

declare(strict_types=1);

namespace Vinculum\Stove\Instruments;

use Vinculum\Mixture\Mixture;
use Vinculum\Stove\Cook;
use Vinculum\Stove\SimulatedPot;
use Vinculum\Stove\StepKind;

/** A simulated pot at one moment, as nobody at the stove sees it. */
final readonly class TruePot
{
    private const ROOM = 20.0;
    private const SIMMERS = 99.0;

    /** Minutes in which what is above the room's warmth falls to a third, in an open pan; judgement. */
    private const COOLS_IN = 45.0;

    /**
     * @param float $grams of sauce
     * @param float $celsius
     */
    private function __construct(
        public float $grams,
        public float $celsius,
        public Mixture $sauce,
        public SimulatedPot $truth,
    ) {}

    /** @param Cook $cook as it really is */
    public static function of(Cook $cook, SimulatedPot $truth): self
    {
        $sauce = $cook->now->cooked->mixture ?? Mixture::named([]);

        return new self($sauce->mass(), self::warmth($cook), $sauce, $truth);
    }

    private static function warmth(Cook $cook): float
    {
        $celsius = self::ROOM;
        foreach ($cook->steps as $step) {
            $began = $cook->progress->began[$step->id] ?? null;
            if ($began === null || $step->kind !== StepKind::Heat) {
                continue;
            }
            $ended = $cook->progress->ended[$step->id] ?? $cook->minute;
            $heating = max(1.0, $cook->followed[$step->stage->stage->id ?? '']->reduction->boilsAt ?? 1.0);
            $hot = min(self::SIMMERS, $celsius + (self::SIMMERS - $celsius) * ($ended - $began) / $heating);
            $celsius = self::ROOM + ($hot - self::ROOM) * exp(-($cook->minute - $ended) / self::COOLS_IN);
        }

        return $celsius;
    }
}
