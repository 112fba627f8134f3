<?php

declare(strict_types=1);

namespace Vinculum\Solve\Draft;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;

/** What of a draft stays as it is usually made, while its seasoning moves. */
final class Held
{
    /** So many times more or less of what it is made of first and foremost is another sauce; judgement. */
    private const ITSELF = 1.5;

    /**
     * With all that is its body locked; and what it is made of first and foremost kept near what is usual of it.
     *
     * @param string $main slug of what stands first in the make-up
     */
    public static function near(Recipe $recipe, Evaluation $evaluation, string $main): Recipe
    {
        $bodies = [];
        $mains = [];
        foreach ($evaluation->cooked->weighed->lines as $line) {
            $bodies[$line->line->id] = in_array('base', $line->ingredient->roles ?? [], true);
            if ($line->ingredient?->slug === $main && $line->grams > 0.0) {
                $mains[$line->line->id] = $line->grams;
            }
        }
        $hold = static fn (Line $line): Line => isset($mains[$line->id])
            ? $line->between($mains[$line->id] / self::ITSELF, $mains[$line->id] * self::ITSELF)
            : $line;

        return $recipe->withStages(array_map(
            static fn (Stage $stage): Stage => $stage->withLines(array_map(
                static fn (Line $line): Line => $hold($line)->locked($bodies[$line->id] ?? false),
                $stage->lines,
            )),
            $recipe->stages,
        ));
    }
}
