<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Catalogue;
use Vinculum\Safety\Brings;
use Vinculum\Safety\Limits;
use Vinculum\Safety\Need;
use Vinculum\Solve\Aims;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\Rebalance\Rebalance;
use Vinculum\Taste\Measure;

/**
 * A whole recipe freed of what somebody does not eat: every line that stands in the way, hidden ones too, is swapped
 * for what does not, one after the other, and then the whole is balanced again to what it was.
 */
final class FreeOf
{
    /** Further off than this, a thing stands in for nothing: the line is left, and said. */
    private const TOO_FAR = 5.5;

    /** What is balanced again makes at least this share of what it made, or it is left as it is; judgement. */
    private const LEAST_YIELD = 0.75;

    /** So much nearer has what brings an allergen of a plant to be, to be put before what brings none; judgement. */
    private const BETTER = 0.5;

    /**
     * @param list<Need> $needs
     * @param list<string> $kept ids of lines the maker keeps as they are
     */
    public static function of(
        Evaluation $from,
        Catalogue $catalogue,
        array $needs,
        Criteria $wishes,
        array $kept = [],
    ): FreedRecipe {
        $strangers = Brings::strangersTo($from->cooked->weighed, $catalogue);
        $unexpected = Brings::strangersTo($from->cooked->weighed, $catalogue, unexpectedOnly: true);
        $at = $from;
        $changes = [];
        $left = [];
        foreach (self::offending($from, $needs) as [$id, $name, $why]) {
            if (in_array($id, $kept, true)) {
                $left[] = [
                    'line' => $id,
                    'why' => Sentence::of('{name} {why}; you keep it.', ['name' => $name, 'why' => $why]),
                ];
                continue;
            }
            // what brings nothing of its own first; something that does only where nothing else will do, and then said
            $best = self::near(Swap::options($at, $catalogue, $id, $wishes->freeOf($needs, $strangers)));
            // soy for fish sauce: a plant that somebody may have to be told of, where it does clearly better
            $plain = self::near(Swap::options($at, $catalogue, $id, $wishes->freeOf($needs, $unexpected)));
            if ($best === null || ($plain !== null && $plain->distance < $best->distance - self::BETTER)) {
                $best = $plain;
            }
            $best ??= self::near(Swap::options($at, $catalogue, $id, $wishes->freeOf($needs, [])));
            if ($best === null) {
                $left[] = [
                    'line' => $id,
                    'why' => Sentence::of(
                        '{name} {why}, and nothing in the pantry can stand in for it. Leave it out, or make '
                            .'another sauce.',
                        ['name' => $name, 'why' => $why],
                    ),
                ];
                continue;
            }
            $changes[] = new FreedLine($id, $name, $best->with, $why, $best->notes);
            $at = $best->after;
        }
        $tastes = [];
        foreach (Measure::cases() as $measure) {
            $tastes[$measure->value] = $from->tasting->value($measure);
        }
        if ($changes !== []) {
            $balanced = Rebalance::of($at, $catalogue, Aims::ofFigures($at, $tastes)->loosened());
            $yield = $balanced->after->cooked->mixture->mass() / $from->cooked->mixture->mass();
            $isSameBatch = $yield >= self::LEAST_YIELD && $yield <= 1 / self::LEAST_YIELD;
            if ($isSameBatch && self::size($from, $balanced->after) < self::size($from, $at)) {
                $at = $balanced->after;
            }
        }
        $steps = self::steps($from, $at);

        return new FreedRecipe(
            $changes,
            $left,
            $steps,
            Losses::of($from, $at),
            Limits::approached($from->estimates, $at->estimates),
            self::toCheck($at, $needs),
            Brings::between($from->cooked->weighed, $at->cooked->weighed),
            $at,
            $at->recipe,
        );
    }

    /** @param list<Substitution> $options best first */
    private static function near(array $options): ?Substitution
    {
        $first = $options[0] ?? null;

        return $first !== null && ($first->usual !== null || $first->distance <= self::TOO_FAR) ? $first : null;
    }

    /**
     * @param list<Need> $needs
     * @return list<array{string, string, string}> line id, its name, and why it is in the way
     */
    public static function offending(Evaluation $evaluation, array $needs): array
    {
        $offending = [];
        foreach ($evaluation->cooked->weighed->lines as $line) {
            foreach ($line->ingredient === null || $line->line->leftOut ? [] : $needs as $need) {
                if ($line->ingredient !== null && $need->verdict($line->ingredient) === 'against') {
                    $offending[] = [$line->line->id, $line->ingredient->shortName(), $need->why($line->ingredient)];
                    break;
                }
            }
        }

        return $offending;
    }

    /**
     * @param list<Need> $needs
     * @return list<string>
     */
    private static function toCheck(Evaluation $evaluation, array $needs): array
    {
        $names = [];
        foreach ($evaluation->cooked->weighed->lines as $line) {
            foreach ($needs as $need) {
                if (
                    $line->ingredient !== null
                    && ! $line->line->leftOut
                    && $need->verdict($line->ingredient) === 'check'
                ) {
                    $names[] = $line->ingredient->shortName();
                }
            }
        }

        return array_values(array_unique($names));
    }

    /** @return array<string, float> */
    private static function steps(Evaluation $from, Evaluation $to): array
    {
        $before = LinearPot::of($from->cooked);
        $after = LinearPot::of($to->cooked);
        $steps = [];
        foreach (Feel::cases() as $feel) {
            $steps[$feel->value] = $feel->steps($feel->value($before), $feel->value($after));
        }

        return $steps;
    }

    private static function size(Evaluation $from, Evaluation $to): float
    {
        return array_sum(
            array_map(
                static fn (float $steps): float => min(4.0, abs($steps)) ** 2,
                array_slice(self::steps($from, $to), 0, 5),
            ),
        );
    }
}
