<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/**
 * A plant that is hardly sour, kept under oil or fat: no air, no acid, and the germ of botulism is on it already. No
 * estimate of pH clears it.
 */
final class PlantUnderOil implements Rule
{
    /** Share of fat from which a sauce is oily: what lies in it lies under it; judgement. */
    private const OILY_FROM = 0.2;

    /** A dried plant is wet again where there is this much water to a gram of it; judgement. */
    private const SOAKED = 0.5;

    public function of(Facts $sauce): array
    {
        if ($sauce->fat() <= self::OILY_FROM) {
            return [];
        }
        $lines = [...$sauce->having('low-acid-plant'), ...$this->soaked($sauce)];

        return $lines === []
            ? []
            : [
                Caution::of(
                    Grade::Stop,
                    'plant-in-oil',
                    'A plant that is hardly sour, in oil or fat: botulism can grow there without a sign, '
                        .'whatever the pH is thought to be. Fridge at once, four days at the most, or the freezer; '
                        .'never at room temperature. Makers keep it from four days to a month.',
                    'US CDC and FDA on home-made flavoured oils; Health Canada on vegetables in oil',
                    $lines,
                ),
            ];
    }

    /**
     * @return list<string> ids of dried plants that were soaked or simmered in water; ground and whole spices are not
     *     meant
     */
    private function soaked(Facts $sauce): array
    {
        $ids = [];
        $water = $sauce->cooked->mixture->grams[Constituent::WATER];
        foreach ($sauce->present() as $line) {
            $ingredient = $line->ingredient;
            $isDried
                = $ingredient !== null
                && $ingredient->is('dry-plant')
                && ! $ingredient->is('ground')
                && ! $ingredient->is('whole');
            $isWetted = in_array(
                $line->stage->process?->kind,
                [ProcessKind::Soak, ProcessKind::Simmer, ProcessKind::Boil],
                true,
            );
            if ($isDried && $isWetted && $water >= self::SOAKED * $line->grams) {
                $ids[] = $line->line->id;
            }
        }

        return $ids;
    }
}
