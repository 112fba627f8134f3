<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\InFat;
use Vinculum\Safety\Keeping\Keepers;
use Vinculum\Safety\Rule;

/**
 * A plant that is hardly sour, kept under oil or fat: no air, no acid, and the germ of botulism is on it already. No
 * estimate of pH clears it. Where the fat stands in drops in what is watery, bound or shaken, the plant lies in the
 * watery part and under no oil: that is minded and no reason to stop.
 */
final class PlantUnderOil implements Rule
{
    private const DRY = 'Fried or dried, a plant under oil keeps as long as there is no water in it, which nobody has '
        .'measured: what is wet inside feeds botulism there. In the fridge, four days.';

    private const IN_DROPS = 'A plant that is hardly sour, in a sauce rich in oil or fat: fridge at once, for days '
        .'only, or the freezer; never at room temperature. Makers keep it from four days to a month.';

    private const UNDER_OIL = 'A plant that is hardly sour, in oil or fat: botulism can grow there without a sign, '
        .'whatever the pH is thought to be. Fridge at once, four days at the most, or the freezer; never at room '
        .'temperature. Makers keep it from four days to a month.';

    private const SOURCE
        = 'US CDC and FDA on home-made flavoured oils; Health Canada on vegetables in oil';

    public function of(Facts $sauce): array
    {
        $fat = new InFat($sauce);
        if (! $fat->isOily()) {
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

        [$grade, $text] = match (true) {
            $sauce->isTooDryForToxin(), $fat->isFriedDry() && $sauce->soakedPlants() === []
                => [Grade::Mind, self::DRY],
            ! $fat->liesUnderOil(), Keepers::of($sauce)->hold(['pickled']) => [Grade::Mind, self::IN_DROPS],
            default => [Grade::Stop, self::UNDER_OIL],
        };

        return $lines === [] ? [] : [Caution::of($grade, 'plant-in-oil', $text, self::SOURCE, $lines)];
    }
}
