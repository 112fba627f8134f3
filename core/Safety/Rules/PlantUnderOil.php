<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

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

    private const SOURCE
        = 'US CDC and FDA on home-made flavoured oils; Health Canada on vegetables in oil';

    public function of(Facts $sauce): array
    {
        if ($sauce->fat() <= self::OILY_FROM) {
            return [];
        }
        $lines = [...$sauce->having('low-acid-plant'), ...$sauce->soakedPlants()];

        $unread = $sauce->unknownPlants();
        if ($lines === [] && $unread !== []) {
            return [
                Caution::of(
                    Grade::Mind,
                    'unread-in-oil',
                    'A line that is not read lies in oil or fat: if it is a plant that is hardly sour, botulism can '
                        .'grow there without a sign. Until it is read: fridge at once, four days at the most, or the '
                        .'freezer.',
                    self::SOURCE,
                    $unread,
                ),
            ];
        }

        return $lines === []
            ? []
            : [
                Caution::of(
                    Grade::Stop,
                    'plant-in-oil',
                    'A plant that is hardly sour, in oil or fat: botulism can grow there without a sign, '
                        .'whatever the pH is thought to be. Fridge at once, four days at the most, or the freezer; '
                        .'never at room temperature. Makers keep it from four days to a month.',
                    self::SOURCE,
                    $lines,
                ),
            ];
    }
}
