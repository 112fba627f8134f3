<?php

declare(strict_types=1);

namespace Vinculum\Evaluation;

use Vinculum\Figure\Figure;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Thickness;
use Vinculum\Taste\Measure;

/**
 * How strong a tongue finds what is in the pot: sugar masks acid and acid sugar, savour lifts salt, fat dulls heat, and
 * what is thick gives up its taste slowly. The concentrations stay what they are; this stands beside them.
 *
 * After Schifferstein and Frijters, Chem. Senses 15 (1990) 87, on citric acid and sucrose, and Pangborn, J. Food Sci.
 * 27 (1962) 495, from memory; each part that is taken off is known to a factor of 1.5, judgement.
 */
final readonly class TastesLike
{
    /** Sourness that a gram of sweetness in 100 g masks, share, and at the most. */
    public const SWEET_MASKS = 0.035;
    public const SWEET_MASKS_AT_MOST = 0.45;

    /** The same of sweetness, by a gram of sourness. */
    private const SOUR_MASKS = 0.2;
    private const SOUR_MASKS_AT_MOST = 0.3;

    /** Heat a gram of fat in 100 g dulls, in parts. */
    private const FAT_DULLS = 0.03;

    /** What savour adds to salt at the most, and the savour that does, g MSG equivalents in 100 g. */
    private const SAVOUR_LIFTS = 0.15;
    private const SAVOURY = 0.5;

    /** What a sauce that mounds keeps back, share. */
    private const THICK_HOLDS = 0.3;

    /** How well each part is known, half-width in ln. */
    private const SPREAD = 0.405;

    /**
     * Heat of what bites and is no chilli, as Scoville heat units of the pure thing: piperine, gingerols, mustard oil
     * (common handbooks, from memory; of mustard oil judgement).
     */
    private const BITES = [
        Constituent::PIPERINE => 100_000.0,
        Constituent::GINGEROLS => 60_000.0,
        Constituent::MUSTARD_BITE => 30_000.0,
    ];

    /** How well it is known, half-width in ln: a factor of two. */
    private const BITE_SPREAD = M_LN2;

    public function __construct(private Evaluation $of) {}

    /** In the measure's own unit. */
    public function strength(Measure $measure): Figure
    {
        $figure = $this->of->tasting->measures[$measure->value]->figure;
        $masked = $this->masked($measure);
        $thick = self::THICK_HOLDS * min(1.0, max(
            0.0,
            ($this->of->estimates->powers() - Thickness::Coats->begins())
                / (Thickness::Mounds->begins() - Thickness::Coats->begins()),
        ));
        $factor = (1 - $masked) * (1 - $thick);
        $off = abs(1 - $factor);

        return new Figure(
            $figure->value * $factor,
            sqrt($figure->spread ** 2 + ($factor > 0.0 ? self::SPREAD * $off / $factor : 0.0) ** 2),
            $figure->unit,
        );
    }

    /** What bites and is no chilli, as Scoville heat units. */
    public function bite(): Figure
    {
        $mass = $this->of->cooked->mixture->mass();
        $units = 0.0;
        foreach (self::BITES as $constituent => $pure) {
            $units += $pure * $this->of->cooked->mixture->grams[$constituent];
        }

        return new Figure($mass > 0.0 ? $units / $mass : 0.0, self::BITE_SPREAD, 'SHU');
    }

    /** Share of a taste that others take off it; below 0 where they lift it. */
    private function masked(Measure $measure): float
    {
        $is = fn (Measure $of): float => $this->of->tasting->value($of);
        $fat = 100 * $this->of->cooked->mixture->grams[Constituent::FAT]
            / max(1e-9, $this->of->cooked->mixture->mass());

        return match ($measure) {
            Measure::Sourness => min(self::SWEET_MASKS_AT_MOST, self::SWEET_MASKS * $is(Measure::Sweetness)),
            Measure::Sweetness => min(self::SOUR_MASKS_AT_MOST, self::SOUR_MASKS * $is(Measure::Sourness)),
            Measure::Heat => 1 - 1 / (1 + self::FAT_DULLS * $fat),
            Measure::Saltiness => -self::SAVOUR_LIFTS * min(1.0, $is(Measure::Umami) / self::SAVOURY),
            Measure::Umami => 0.0,
        };
    }
}
