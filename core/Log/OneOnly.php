<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Recipe\Edit;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;

/** One recipe with one of the things that were made otherwise in another, so that it can be told what that one did. */
final class OneOnly
{
    public static function of(Recipe $one, Recipe $other, Change $change): Recipe
    {
        $was = self::linesOf($one, $other);
        $is = self::linesOf($other, $one);
        [$what, $key] = explode(' ', $change->key, 2);

        return match ($change->kind) {
            ChangeKind::Amount => Edit::lines($one, static fn (Line $line): Line => $line->ingredient === $key
                ? $is['same'][$key] ?? $line
                : $line),
            ChangeKind::Added => isset($is['new'][$key])
                ? Edit::added($one, $is['new'][$key])
                : $one,
            ChangeKind::LeftOut => Edit::without(
                $one,
                static fn (Line $line): bool => $line->ingredient === $key,
            ),
            ChangeKind::Instead => self::instead($one, $was['new'], $is['new'], explode(' or ', $change->key)),
            ChangeKind::Longer, ChangeKind::Done, ChangeKind::NotDone => self::doneAs($one, $other, $what, $key),
        };
    }

    /**
     * @return array{same: array<string, Line>, new: array<string, Line>} lines by what is in them: those the other has
     *     too, and those it has not
     */
    private static function linesOf(Recipe $of, Recipe $beside): array
    {
        $there = [];
        foreach ($beside->lines() as $line) {
            $there[$line->ingredient] = true;
        }
        $lines = ['same' => [], 'new' => []];
        foreach ($of->lines() as $line) {
            $lines[isset($there[$line->ingredient]) ? 'same' : 'new'][$line->ingredient] = $line;
        }

        return $lines;
    }

    /**
     * @param array<string, Line> $gone
     * @param array<string, Line> $new
     * @param list<string> $pair
     */
    private static function instead(Recipe $recipe, array $gone, array $new, array $pair): Recipe
    {
        return Edit::lines($recipe, static function (Line $line) use ($gone, $new, $pair): Line {
            foreach ($pair as $slug) {
                if (isset($new[$slug]) && isset($gone[$line->ingredient]) && in_array($line->ingredient, $pair, true)) {
                    return $line->instead($slug, $new[$slug]->amount);
                }
            }

            return $line;
        });
    }

    /** The process of that kind as the other has it, in the same place among its kind; or not at all. */
    private static function doneAs(Recipe $one, Recipe $other, string $what, string $key): Recipe
    {
        $there = Changes::doing($other->stages);
        $here = Changes::doing($one->stages);
        $process = isset($there[$key]) ? $there[$key]->process : null;
        if (! isset($here[$key])) {
            return $what === 'doing' && $process !== null ? Edit::then($one, $process) : $one;
        }

        return Edit::done($one, $here[$key]->id, $process);
    }
}
