<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** A recipe with one thing of it otherwise. */
final class Edit
{
    /** @param \Closure(Line): Line $line what becomes of each */
    public static function lines(Recipe $recipe, \Closure $line): Recipe
    {
        return $recipe->withStages(array_map(
            static fn (Stage $stage): Stage => $stage->withLines(array_map($line, $stage->lines)),
            $recipe->stages,
        ));
    }

    /** One line in place of another. */
    public static function line(Recipe $recipe, Line $was, Line $now): Recipe
    {
        return self::lines($recipe, static fn (Line $line): Line => $line->id === $was->id ? $now : $line);
    }

    /** @param \Closure(Line): bool $gone which lines are left out */
    public static function without(Recipe $recipe, \Closure $gone): Recipe
    {
        return $recipe->withStages(array_map(static fn (Stage $stage): Stage => $stage->withLines(array_values(
            array_filter($stage->lines, static fn (Line $line): bool => ! $gone($line)),
        )), $recipe->stages));
    }

    /** One line more, where a recipe begins. */
    public static function added(Recipe $recipe, Line $line): Recipe
    {
        $stages = $recipe->stages;
        $stages[0] = $stages[0]->withLines([...$stages[0]->lines, $line->called($recipe->freshId('l'))]);

        return $recipe->withStages($stages);
    }

    /** One stage done otherwise; null for nothing done at it. */
    public static function done(Recipe $recipe, string $stage, ?Process $process): Recipe
    {
        return $recipe->withStages(array_map(
            static fn (Stage $each): Stage => $each->id === $stage ? $each->processed($process) : $each,
            $recipe->stages,
        ));
    }

    /** One stage more, at the end, with nothing going in. */
    public static function then(Recipe $recipe, Process $process): Recipe
    {
        return $recipe->withStages([...$recipe->stages, new Stage($recipe->freshId('s'), '', [], $process)]);
    }
}
