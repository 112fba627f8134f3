<?php

declare(strict_types=1);

namespace Vinculum\Evaluation;

use Vinculum\Mixture\Constituent;
use Vinculum\Taste\Measure;

/**
 * What one taste does to another, in the words of a cook. They correct no figure: how much they do differs from tongue
 * to tongue. After Keast and Breslin, Food Quality and Preference 14 (2003) 111, from memory, and common practice.
 */
final class Interactions
{
    private const SWEET = 10.0;
    private const SOUR = 0.8;
    private const SALTY = 0.8;
    private const VERY_SALTY = 2.5;
    private const UMAMI = 0.2;
    private const HOT = 150.0;
    private const FAT = 0.12;

    /**
     * @return array<string, string> by Measure value, the taste it is about
     */
    public static function of(Evaluation $evaluation): array
    {
        $taste = static fn (Measure $measure): float => $evaluation->tasting->value($measure);
        $mass = $evaluation->cooked->mixture->mass();
        $fat = $mass > 0.0 ? $evaluation->cooked->mixture->grams[Constituent::FAT] / $mass : 0.0;
        $notes = [];
        if ($taste(Measure::Sweetness) >= self::SWEET && $taste(Measure::Sourness) >= self::SOUR) {
            $notes[Measure::Sourness->value]
                = 'Sugar hides sourness: it may taste milder than its figure, and the sugar less sweet than its own.';
        }
        if (
            $taste(Measure::Saltiness) >= self::SALTY
            && $taste(Measure::Saltiness) < self::VERY_SALTY
            && $taste(Measure::Sweetness) >= self::SWEET / 3
        ) {
            $notes[Measure::Sweetness->value]
                = 'Salt at this strength lifts sweetness, and takes the edge off what is bitter.';
        }
        if ($taste(Measure::Umami) >= self::UMAMI && $taste(Measure::Saltiness) > 0.0) {
            $notes[Measure::Saltiness->value]
                = 'Umami makes salt taste saltier: a saltier sauce than the figure says, for the same salt.';
        }
        if ($fat >= self::FAT && $taste(Measure::Heat) >= self::HOT) {
            $notes[Measure::Heat->value] = 'Fat dulls heat and makes it last: it comes later than in a thin sauce.';
        } elseif ($taste(Measure::Heat) >= self::HOT && $taste(Measure::Sweetness) >= self::SWEET) {
            $notes[Measure::Heat->value] = 'Sugar softens heat a little.';
        }

        return $notes;
    }
}
