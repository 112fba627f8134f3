<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Thickness;

/** What an ingredient thickens beyond what it is made of. */
final class Body
{
    /** What a gel of soured milk keeps of its hold once it has simmered, share; judgement. */
    private const LET_GO = 0.4;

    /**
     * In powers of ten of viscosity times 100 g.
     *
     * @param array<int, float> $row g of each constituent that it left in the sauce
     * @param bool $wasCooked whether it came to a simmer
     */
    public static function of(Ingredient $ingredient, array $row, bool $wasCooked, bool $isHot = false): float
    {
        $body = 0.0;
        if ($ingredient->is('sets-when-sour')) {
            $body += ($wasCooked ? self::LET_GO : 1.0) * Thickness::SOURED * $row[Constituent::PROTEIN];
        }
        if ($wasCooked && $ingredient->is('raw-egg')) {
            $body += Thickness::COOKED_EGG * $row[Constituent::PROTEIN];
        }
        if ($ingredient->thickens !== 0.0 && ! ($isHot && $ingredient->setsCold)) {
            $body += $ingredient->thickens * $ingredient->gramsBehind($row);
        }

        return $body;
    }
}
