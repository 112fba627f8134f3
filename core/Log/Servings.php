<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Figure\Figure;

/**
 * How much of a kind of sauce each of them has in this house: what is usual, moved by what was served and what was left
 * over. Log-normal, in closed form.
 */
final class Servings
{
    /** What is usual is known to this, standard deviation of ln; judgement: a dip for hungry people is twice one. */
    private const USUAL = 0.5;

    /** One meal beside the next, the same; judgement. */
    private const A_MEAL = 0.35;

    /**
     * @param float $usual mL each
     * @param list<array{float, int}> $meals mL that were eaten, and by how many
     * @return Figure mL each
     */
    public static function of(float $usual, array $meals): Figure
    {
        $weight = 1 / self::USUAL ** 2;
        $sum = $weight * log($usual);
        foreach ($meals as [$eaten, $people]) {
            if ($eaten > 0.0 && $people > 0) {
                $weight += 1 / self::A_MEAL ** 2;
                $sum += log($eaten / $people) / self::A_MEAL ** 2;
            }
        }

        return new Figure(exp($sum / $weight), Figure::HALF_WIDTHS / sqrt($weight), 'ml');
    }
}
