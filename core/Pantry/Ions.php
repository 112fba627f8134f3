<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Meter;

/** The ions of a thing, so that it alone has its own pH; in a plant, what its minerals are balanced by. */
final class Ions
{
    /** Kinds of what grows: their minerals are balanced by acids of their own. */
    private const GROWN = ['vegetable', 'fruit', 'fresh-chilli'];

    /** Where a table names one of these, it is believed. */
    private const ACIDS = [
        Constituent::CITRIC,
        Constituent::MALIC,
        Constituent::TARTARIC,
        Constituent::OTHER_ACID,
        Constituent::LACTIC,
        Constituent::ACETIC,
    ];

    /**
     * Moles of charge to a gram of each mineral that acids balance: four fifths of potassium and magnesium, whose rest
     * is chloride, nitrate and phosphate, and two fifths of calcium, most of which lies in the walls; judgement.
     */
    private const BASES = [
        Constituent::POTASSIUM => 0.8 / 39.10,
        Constituent::MAGNESIUM => 0.8 * 2 / 24.305,
        Constituent::CALCIUM => 0.4 * 2 / 40.08,
    ];

    /**
     * What balances the minerals of a plant are acids of it: where those that its entry names are too few for that, the
     * rest is taken for malic acid, out of what is left to 100 g. So a leaf or a root holds its pH against a spoon of
     * lemon as it does in a kitchen.
     *
     * @param list<string> $kinds of it
     * @param float $ph its own
     * @param array<int, float|null> $composition g in 100 g
     * @param array<int, string> $sources of each
     * @return array{array<int, float|null>, array<int, string>}
     */
    public static function balanced(
        array $kinds,
        float $ph,
        string $phSource,
        array $composition,
        array $sources,
    ): array {
        $grams = array_map(static fn (?float $value): float => $value ?? 0.0, $composition);
        $isUnsaid = array_filter(self::ACIDS, static fn (int $acid): bool => ($composition[$acid] ?? 0.0) > 0.0) === [];
        $isGrown = array_intersect($kinds, self::GROWN) !== [];
        $missing = $isGrown && $isUnsaid ? self::missing($grams, $ph) : 0.0;
        if ($missing > 0.0) {
            $composition[Constituent::MALIC] = $grams[Constituent::MALIC] += $missing;
            $composition[Constituent::OTHER_SOLUBLE] = $grams[Constituent::OTHER_SOLUBLE] -= $missing;
            $sources[Constituent::MALIC] = 'computed, with what balances its minerals';
        }
        $charge = Acidity::chargeFor($grams, $ph + Meter::lowers($grams));
        $composition[Constituent::STRONG_BASE] = max(0.0, $charge);
        $composition[Constituent::STRONG_ACID] = max(0.0, -$charge);
        $sources[Constituent::STRONG_BASE] = $sources[Constituent::STRONG_ACID]
            = "computed, from its pH: {$phSource}";

        return [$composition, $sources];
    }

    /**
     * g of malic acid in 100 g that are missing beside the minerals; 0 or less where there is enough.
     *
     * @param array<int, float> $grams in 100 g
     */
    private static function missing(array $grams, float $ph): float
    {
        $minerals = 0.0;
        foreach (self::BASES as $constituent => $molesPerGram) {
            $minerals += $molesPerGram * $grams[$constituent];
        }
        $none = array_fill(0, Constituent::COUNT, 0.0);
        $perGram = Acidity::chargeFor([Constituent::MALIC => 1.0] + $none, $ph) - Acidity::chargeFor($none, $ph);

        return min(($minerals - Acidity::chargeFor($grams, $ph)) / $perGram, $grams[Constituent::OTHER_SOLUBLE]);
    }
}
