<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Safety\Brings;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Limits;
use Vinculum\Safety\Need;
use Vinculum\Solve\Addition;
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

    /** How much the balance may take of what it is seasoned with, in parts of what there is; judgement. */
    private const SEASONING = [0.67, 1.5];
    /** What it moves by less of itself stays as it is; judgement. */
    private const HARDLY = 0.12;
    /** What is nearer by less, in steps squared, is not worth moving anything; judgement. */
    private const WORTH_IT = 1.0;
    /** Steps that anybody tells apart; judgement. */
    private const TOLD_APART = 1.0;

    /** So many places sooner a cook has to think of what brings one; judgement. */
    private const SOONER = 1;

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
            $best = self::best($at, $catalogue, $id, $needs, $wishes, $strangers, $unexpected);
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
            $changes[] = new FreedLine(
                $id,
                $name,
                $best->with,
                self::linesOf($best->with, $id, $at, $best->after),
                $why,
                $best->notes,
            );
            $at = $best->after;
        }
        $left = [...$left, ...self::unknown($from, $needs)];
        $tastes = [];
        foreach (Measure::cases() as $measure) {
            $tastes[$measure->value] = $from->tasting->value($measure);
        }
        if ($changes !== [] && self::isOff($from, $at)) {
            $balanced = self::balanced($at, $catalogue, Aims::ofFigures($at, $tastes)->loosened(), $from->recipe);
            $yield = $balanced->cooked->mixture->mass() / $from->cooked->mixture->mass();
            $isSameBatch = $yield >= self::LEAST_YIELD && $yield <= 1 / self::LEAST_YIELD;
            if ($isSameBatch && self::size($from, $balanced) < self::size($from, $at) - self::WORTH_IT) {
                $at = $balanced;
            }
        }
        $steps = self::steps($from, $at);

        return new FreedRecipe(
            array_map(static fn (FreedLine $change): FreedLine => self::asItStands($change, $at), $changes),
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

    /**
     * What stands in for one line: what a cook takes and brings nothing of its own; else what a cook takes and brings
     * no more than a plant somebody may have to be told of; else what is near; and what brings anything else, then
     * said, only where nothing else will do.
     *
     * @param list<Need> $needs
     * @param list<string> $strangers slugs of what brings something that was not in it
     * @param list<string> $unexpected slugs of what brings something nobody expects in it
     */
    private static function best(
        Evaluation $at,
        Catalogue $catalogue,
        string $line,
        array $needs,
        Criteria $wishes,
        array $strangers,
        array $unexpected,
    ): ?Substitution {
        $own = Swap::options($at, $catalogue, $line, $wishes->freeOf($needs, $strangers));
        $plain = Swap::options($at, $catalogue, $line, $wishes->freeOf($needs, $unexpected));
        if (self::isUsual($plain)) {
            // soy for a table sauce with fish in it, rather than the fifth thing a cook would think of
            // and who only does not eat it may well have soya
            $isIll = array_filter($needs, static fn (Need $need): bool => ! $need->isDiet()) !== [];
            $isSooner = ! self::isUsual($own)
                || $plain[0]->usual + ($isIll ? self::SOONER : 0) < $own[0]->usual;

            return $isSooner ? $plain[0] : $own[0];
        }
        // soy for fish sauce, where it does clearly better
        $isBetter = self::isNear($plain)
            && (! self::isNear($own) || $plain[0]->distance < $own[0]->distance - self::BETTER);
        $near = $isBetter ? $plain : $own;
        if (self::isNear($near)) {
            return $near[0];
        }
        $any = Swap::options($at, $catalogue, $line, $wishes->freeOf($needs, []));

        return self::isUsual($any) || self::isNear($any) ? $any[0] : null;
    }

    /**
     * Balanced again as a cook does it: a little more or less of what it is seasoned with by the spoon; what the sauce
     * is made of stays as it is.
     */
    private static function balanced(
        Evaluation $at,
        Catalogue $catalogue,
        Aims $aims,
        Recipe $was,
    ): Evaluation {
        $kit = $was->kitchenware();
        $before = [];
        foreach ($was->lines() as $line) {
            $before[$line->id] = $line->ingredient;
        }
        $held = [];
        foreach ($at->cooked->weighed->lines as $line) {
            $isNew = ($before[$line->line->id] ?? null) !== $line->line->ingredient;
            // the juice of one lime stays the juice of one
            $isCounted = ($line->amount->terms[0]->unit ?? null) === null;
            $isBySpoon = $isNew || $line->grams <= Equations::BY_THE_SPOON * $at->cooked->mixture->mass();
            $isMoved = $line->ingredient?->isSeasoning() === true && ! $isCounted && $isBySpoon;
            [$least, $most] = self::SEASONING;
            $held[$line->line->id] = $isMoved && ! $line->line->lock
                ? $line->line->between(
                    max($line->line->minG ?? 0.0, $least * $line->grams),
                    min($line->line->maxG ?? INF, $most * $line->grams),
                )
                : $line->line->locked(true);
        }
        $bound = $at->recipe->withStages(
            array_map(
                static fn (Stage $stage): Stage => $stage->withLines(
                    array_map(static fn (Line $line): Line => $held[$line->id] ?? $line, $stage->lines),
                ),
                $at->recipe->stages,
            ),
        );
        $moved = Rebalance::of(Evaluation::of($bound, $catalogue, $at->style), $catalogue, $aims);
        $amounts = [];
        foreach ($moved->after->cooked->weighed->lines as $place => $line) {
            $now = $at->cooked->weighed->lines[$place];
            if ($line->ingredient !== null && abs($line->grams - $now->grams) > self::HARDLY * $now->grams) {
                $amounts[$line->line->id] = LineWriter::insteadOf($now, $line->grams, $line->ingredient, $kit);
            }
        }

        return Evaluation::of($at->recipe->withAmounts($amounts), $catalogue, $at->style);
    }

    /** A cook reaches for the lemon again where it is too sharp, and not because it smells less of the sea. */
    private static function isOff(Evaluation $from, Evaluation $at): bool
    {
        $steps = self::steps($from, $at);
        foreach ([Feel::Sweet, Feel::Sour, Feel::Salty, Feel::Hot] as $feel) {
            if (abs($steps[$feel->value]) >= self::TOLD_APART) {
                return true;
            }
        }

        return false;
    }

    /**
     * Ids of the lines that what stands in has come to stand on, in its order.
     *
     * @param list<Addition> $with
     * @return list<string>
     */
    private static function linesOf(array $with, string $id, Evaluation $before, Evaluation $after): array
    {
        $were = array_map(static fn (Line $line): string => $line->id, $before->recipe->lines());
        $new = array_filter(
            $after->recipe->lines(),
            static fn (Line $line): bool => $line->id === $id || ! in_array($line->id, $were, true),
        );
        $ids = [];
        foreach ($with as $addition) {
            foreach ($new as $place => $line) {
                if ($line->ingredient === $addition->ingredient->slug) {
                    $ids[] = $line->id;
                    unset($new[$place]);
                    break;
                }
            }
        }

        return $ids;
    }

    /** What is said to go in is what stands in the recipe in the end: what came after may have moved it. */
    private static function asItStands(FreedLine $change, Evaluation $after): FreedLine
    {
        $with = [];
        foreach ($change->with as $i => $addition) {
            foreach ($after->cooked->weighed->lines as $line) {
                if ($line->line->id === ($change->lines[$i] ?? null) && is_string($line->line->amount)) {
                    $addition = new Addition($addition->ingredient, $line->grams, $line->line->amount);
                }
            }
            $with[] = $addition;
        }

        return new FreedLine($change->line, $change->name, $with, $change->lines, $change->why, $change->notes);
    }

    /**
     * @param list<Substitution> $options best first
     *
     * @phpstan-assert-if-true non-empty-list<Substitution> $options
     */
    private static function isUsual(array $options): bool
    {
        return isset($options[0]) && $options[0]->usual !== null;
    }

    /**
     * @param list<Substitution> $options best first
     *
     * @phpstan-assert-if-true non-empty-list<Substitution> $options
     */
    private static function isNear(array $options): bool
    {
        return isset($options[0]) && $options[0]->distance <= self::TOO_FAR;
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
     * Lines of which nobody knows what they are: none of them is free of anything by being unknown.
     *
     * @param list<Need> $needs
     * @return list<array{line: string, why: Sentence}>
     */
    private static function unknown(Evaluation $evaluation, array $needs): array
    {
        $unknown = [];
        foreach (Facts::of($evaluation)->unknown() as $line) {
            $name = $line->line->ingredient;
            $verdicts = array_map(static fn (Need $need): string => $need->verdictOnUnknown($name), $needs);
            $why
                = in_array('against', $verdicts, true)
                    ? '“{name}” is in the way by its name, and nothing here knows it well enough to find what stands '
                        .'in. Leave it out.'
                    : 'Nothing here knows what is in “{name}”: whether it may stay is for its label to say.';
            $unknown[] = ['line' => $line->line->id, 'why' => Sentence::of($why, ['name' => $name])];
        }

        return $unknown;
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
