<?php

declare(strict_types=1);

namespace Vinculum\Solve;

use Vinculum\Mixture\Constituent;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Tasting;

/** What a spoon can say of a sauce: the five tastes, how thick it is and how rich. */
enum Feel: string
{
    case Sweet = 'sweet';
    case Sour = 'sour';
    case Salty = 'salty';
    case Umami = 'umami';
    case Hot = 'hot';
    case Thick = 'thick';
    case Rich = 'rich';

    /** One step of thickness, powers of ten of viscosity: about half of one of the five words; judgement. */
    private const THICK_STEP = 0.45;

    /** Fat, g per 100 g: a fifth more is noticed, from about 2 g on; judgement. */
    private const RICH_WEBER = 0.2;
    private const RICH_THRESHOLD = 2.0;

    public function measure(): ?Measure
    {
        return match ($this) {
            self::Sweet => Measure::Sweetness,
            self::Sour => Measure::Sourness,
            self::Salty => Measure::Saltiness,
            self::Umami => Measure::Umami,
            self::Hot => Measure::Heat,
            self::Thick, self::Rich => null,
        };
    }

    public static function ofMeasure(Measure $measure): self
    {
        return match ($measure) {
            Measure::Sweetness => self::Sweet,
            Measure::Sourness => self::Sour,
            Measure::Saltiness => self::Salty,
            Measure::Umami => self::Umami,
            Measure::Heat => self::Hot,
        };
    }

    /** In the measure's unit; powers of ten beside water; g fat per 100 g. */
    public function value(LinearPot $spoonful): float
    {
        $measure = $this->measure();

        return match (true) {
            $measure !== null => Tasting::plain($measure, $spoonful->mixture, $spoonful->acidity),
            $this === self::Thick => $spoonful->powers,
            default => $spoonful->mass > 0.0 ? 100 * $spoonful->mixture->grams[Constituent::FAT] / $spoonful->mass : 0.0,
        };
    }

    /** Noticeable steps from one value to another. */
    public function steps(float $from, float $to): float
    {
        return match ($this) {
            self::Thick => ($to - $from) / self::THICK_STEP,
            self::Rich => log(($to + self::RICH_THRESHOLD) / ($from + self::RICH_THRESHOLD)) / log(1 + self::RICH_WEBER),
            default => $this->measure()?->steps($from, $to) ?? 0.0,
        };
    }

    /** The value so many steps away; 0 at the least. */
    public function moved(float $value, float $steps): float
    {
        $measure = $this->measure();

        return match (true) {
            $measure !== null => $measure->moved($value, $steps),
            $this === self::Thick => max(0.0, $value + $steps * self::THICK_STEP),
            default => max(0.0, ($value + self::RICH_THRESHOLD) * (1 + self::RICH_WEBER) ** $steps - self::RICH_THRESHOLD),
        };
    }

    /** How much the value changes for one step, there. */
    public function perStep(float $value): float
    {
        $measure = $this->measure();

        return match (true) {
            $measure !== null => ($value + $measure->threshold()) * log(1 + $measure->weber()),
            $this === self::Thick => self::THICK_STEP,
            default => ($value + self::RICH_THRESHOLD) * log(1 + self::RICH_WEBER),
        };
    }
}
