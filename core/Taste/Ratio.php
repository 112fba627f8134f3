<?php

declare(strict_types=1);

namespace Vinculum\Taste;

/** A quotient of two measures. */
enum Ratio: string
{
    case SugarAcid = 'sugar_acid';
    case SugarSalt = 'sugar_salt';
    case AcidSalt = 'acid_salt';
    case UmamiSalt = 'umami_salt';
    case HeatSugar = 'heat_sugar';

    public function over(): Measure
    {
        return match ($this) {
            self::SugarAcid, self::SugarSalt => Measure::Sweetness,
            self::AcidSalt => Measure::Sourness,
            self::UmamiSalt => Measure::Umami,
            self::HeatSugar => Measure::Heat,
        };
    }

    public function under(): Measure
    {
        return match ($this) {
            self::SugarAcid => Measure::Sourness,
            self::SugarSalt, self::AcidSalt, self::UmamiSalt => Measure::Saltiness,
            self::HeatSugar => Measure::Sweetness,
        };
    }
}
