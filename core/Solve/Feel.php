<?php

declare(strict_types=1);

namespace Vinculum\Solve;

use Vinculum\Figure\Sense;
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

    /** Weight of a step of what nobody named and is only to be held; judgement. */
    private const HELD = [
        'sweet' => 1.0,
        'sour' => 1.0,
        'salty' => 1.0,
        'umami' => 0.7,
        'hot' => 0.7,
        'thick' => 0.35,
        'rich' => 0.3,
    ];

    public function held(): float
    {
        return self::HELD[$this->value];
    }

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
            default => $spoonful->mass > 0.0
                ? (100 * $spoonful->mixture->grams[Constituent::FAT]) / $spoonful->mass
                : 0.0,
        };
    }

    /** What notices it. */
    public function sense(): Sense
    {
        return Sense::from($this->value);
    }

    /** Noticeable steps from one value to another. */
    public function steps(float $from, float $to): float
    {
        return $this->sense()->steps($from, $to);
    }

    /** The value so many steps away; 0 at the least. */
    public function moved(float $value, float $steps): float
    {
        return $this->sense()->moved($value, $steps);
    }

    /** How much the value changes for one step, there. */
    public function perStep(float $value): float
    {
        return $this->sense()->perStep($value);
    }
}
