<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Mixture\Constituent;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/**
 * A plant that is hardly sour, kept under oil or fat: no air, no acid, and the germ of botulism is on it already. No
 * estimate of pH clears it. Where the fat stands in drops in what is watery, bound or shaken, the plant lies in the
 * watery part and under no oil: that is minded and no reason to stop.
 */
final class PlantUnderOil implements Rule
{
    /** Share of fat from which a sauce is oily: what lies in it lies under it; judgement. */
    private const OILY_FROM = 0.2;

    /** Kinds that bring the water in which fat stands in drops; the water of a plant itself is none of it. */
    private const WATERY = ['sour', 'liquid', 'milks', 'cream', 'cultured', 'plant-dairy', 'emulsion', 'soya-curd',
        'eggs'];

    /** Water of such kinds to a gram of fat, from which the fat stands in drops when it is shaken; judgement. */
    private const SHAKEN = 0.25;

    /** The same where something binds it, as egg does in a mayonnaise; judgement. */
    private const BOUND = 0.05;

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

        if ($lines !== [] && self::isInDrops($sauce)) {
            return [
                Caution::of(
                    Grade::Mind,
                    'plant-in-oil',
                    'A plant that is hardly sour, in a sauce rich in oil or fat: fridge at once, four days at the '
                        .'most, or the freezer; never at room temperature. Makers keep it from four days to a month.',
                    self::SOURCE,
                    $lines,
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

    private static function isInDrops(Facts $sauce): bool
    {
        $water = $fat = 0.0;
        $binds = false;
        foreach ($sauce->present() as $line) {
            $thing = $line->ingredient;
            if ($thing !== null) {
                $fat += $line->grams * $thing->perGram[Constituent::FAT];
                $water += $thing->isOf(...self::WATERY) ? $line->grams * $thing->perGram[Constituent::WATER] : 0.0;
                $binds = $binds || $thing->is('emulsifies');
            }
        }

        return $water >= ($binds ? self::BOUND : self::SHAKEN) * $fat;
    }
}
