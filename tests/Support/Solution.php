<?php

declare(strict_types=1);

namespace Tests\Support;

use Vinculum\Mixture\Constituent;

/** Solutions of known strength, as the handbooks have them. */
final class Solution
{
    public const SALT = -1;

    /** @var array<int, float> g/mol */
    private const MOLAR = [
        Constituent::SUCROSE => 342.3,
        Constituent::GLUCOSE => 180.16,
        Constituent::FRUCTOSE => 180.16,
        Constituent::ETHANOL => 46.07,
        Constituent::ACETIC => 60.052,
        Constituent::CITRIC => 192.12,
        Constituent::MALIC => 134.09,
        Constituent::LACTIC => 90.08,
        Constituent::TARTARIC => 150.09,
    ];

    /**
     * In a kilogram of water.
     *
     * @param array<int, float> $moles by Constituent, or SALT for sodium chloride
     * @return array<int, float> g of each constituent
     */
    public static function molal(array $moles, float $base = 0.0): array
    {
        $grams = array_fill(0, Constituent::COUNT, 0.0);
        $grams[Constituent::WATER] = 1000.0;
        foreach ($moles as $solute => $amount) {
            if ($solute === self::SALT) {
                $grams[Constituent::SODIUM] += 22.99 * $amount;
                $grams[Constituent::OTHER_SOLUBLE] += 35.453 * $amount;
            } else {
                $grams[$solute]
                    += (self::MOLAR[$solute] ?? throw new \LogicException("No molar mass for {$solute}.")) * $amount;
            }
        }
        $grams[Constituent::STRONG_BASE] = max(0.0, $base);
        $grams[Constituent::STRONG_ACID] = max(0.0, -$base);

        return $grams;
    }

    /**
     * @return array<int, float> g of each constituent in 100 g of a catalogue ingredient
     */
    public static function of(string $slug): array
    {
        return array_map(static fn (float $perGram): float => 100 * $perGram, Sauce::ingredient($slug)->perGram);
    }
}
