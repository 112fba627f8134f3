<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

use Vinculum\Amount\Amount;
use Vinculum\Amount\AmountWriter;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Numeral;
use Vinculum\Amount\Rungs;
use Vinculum\Amount\Unit;
use Vinculum\Amount\Units;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Portion;
use Vinculum\Pantry\Weight;

/** More or less of what a line has, in words it can be measured in. */
final class LineWriter
{
    /** As many pinches anybody counts; judgement. */
    private const MOST_PINCHES = 3;

    /** Pinches and glugs beyond this many are better measured. */
    private const MOST_INFORMAL = 4;

    /** As many of anything as anybody counts; judgement. */
    public const COUNTED = 12;

    /** A scale is good for so many of its steps and more. */
    private const SCALE_STEPS = 5.0;

    /** Steps of what is weighed, in grams, by how much of it there is; judgement. */
    private const ROUND = [[200.0, 10.0], [40.0, 5.0]];

    /** Millilitres from which a jug is filled to its next line of ten, and of five; common practice, no source. */
    private const JUG = [[250.0, 10.0], [0.0, 5.0]];

    /** From so many grams or millilitres on, what stands in is measured as what it stands in for was; judgement. */
    private const MEASURED_AS_IT_WAS = 15.0;

    /** So near what went out, it is as much; judgement. */
    private const AS_IT_WAS = 0.08;

    /** Half of an eighth of a teaspoon. */
    private const LEAST_SPOON_ML = 0.3;

    /** The line's amount times the factor, as near as its own unit comes. What has no number is left as written. */
    public static function nearest(WeighedLine $weighed, float $factor, MeasuringSet $set): ?string
    {
        $amount = $weighed->amount;
        $text = $weighed->line->amount;
        if ($text === null || $amount === null || $amount->isToTaste() || $weighed->line->tie !== null) {
            return $text;
        }
        $first = $amount->terms[0];
        $unit = $first->unit;
        if ($unit?->dimension === Dimension::Part) {
            return $text;
        }
        if ($unit === null) {
            // counted in something only the ingredient knows: keep its word
            if (count($amount->terms) > 1) {
                return AmountWriter::in(self::gram(), $weighed->grams * $factor, $set)[0];
            }
            $number = $first->number->value * $amount->factor * $factor;

            [$text, $count] = AmountWriter::in(Units::count('each'), $number, $set);

            return Portion::counted($text, $count, $first->words);
        }
        foreach ($amount->terms as $term) {
            if ($term->unit?->dimension !== $unit->dimension) {
                return AmountWriter::in(self::gram(), $weighed->grams * $factor, $set)[0];
            }
        }
        $size = self::size($amount) * $factor;
        if ($unit->informal && $size / $unit->size <= self::MOST_INFORMAL) {
            [$text, $written] = AmountWriter::in($unit, $size, $set);

            return Portion::counted(
                trim(substr($text, 0, -strlen($unit->name))),
                $written / $unit->size,
                $unit->name,
            );
        }

        return self::isSpooned($unit, $set)
            ? AmountWriter::spoons($size, $set)[0]
            : AmountWriter::in($unit->informal ? self::gram() : $unit, $size, $set)[0];
    }

    /**
     * Other ways to write it, handiest first: round grams where it is weighed, its own unit, two measures together,
     * grams, and tenths of a gram.
     *
     * @return list<string>
     */
    public static function ways(WeighedLine $weighed, float $factor, Kitchenware $kit): array
    {
        $first = $weighed->amount->terms[0] ?? null;
        if ($first?->unit?->dimension === Dimension::Part) {
            return [
                Rungs::text($first->number->value * $factor, $first->unit).' '.$first->unit->name,
                sprintf('%.2f %s', $first->number->value * $factor, $first->unit->name),
            ];
        }
        $ways = [
            ...self::asWeighed($weighed, $factor, $kit),
            self::nearest($weighed, $factor, $kit->set),
        ];
        if (
            $first?->unit !== null
            && $weighed->amount !== null
            && self::isSpooned($first->unit, $kit->set)
            && $weighed->ingredient !== null
        ) {
            $ways[] = AmountWriter::together(self::size($weighed->amount) * $factor, $kit->set)[0];
        }
        $ways[] = self::weighed($weighed->grams * $factor, $kit);

        return array_values(array_unique(array_filter($ways, static fn (?string $way): bool => $way !== null)));
    }

    /**
     * What is weighed in round numbers, and too little for the scale in a spoon; none of it for any other line.
     *
     * @return list<string>
     */
    private static function asWeighed(WeighedLine $weighed, float $factor, Kitchenware $kit): array
    {
        $unit = $weighed->amount->terms[0]->unit ?? null;
        if ($unit?->name !== 'g' || count($weighed->amount->terms ?? []) > 1 || $weighed->ingredient === null) {
            return [];
        }
        $grams = $weighed->grams * $factor;
        $ways = self::roundly($grams, $kit);
        if ($grams < 2 * self::SCALE_STEPS * $kit->scaleStep) {
            $ways[] = self::shown($grams, $kit);
            $density = $weighed->ingredient->fillsASpoon() ? $weighed->ingredient->density : null;
            if ($density !== null && $grams / $density >= self::LEAST_SPOON_ML) {
                $ways[] = AmountWriter::spoons($grams / $density, $kit->set)[0];
            }
        }

        return $ways;
    }

    /**
     * In tens of grams where there is much of it, then in fives; nothing where there is little.
     *
     * @return list<string>
     */
    private static function roundly(float $grams, Kitchenware $kit): array
    {
        $ways = [];
        foreach (self::ROUND as [$from, $step]) {
            if ($grams >= $from) {
                $ways[] = self::onScale($grams, max($step, $kit->scaleStep));
            }
        }

        return $ways;
    }

    /** The same recipe in the spoons and cups of another set: as much by weight, in other words. */
    public static function inSet(WeighedRecipe $weighed, MeasuringSet $set): Recipe
    {
        $kit = Kitchenware::of($set);
        $amounts = [];
        foreach ($weighed->lines as $line) {
            $unit = $line->amount->terms[0]->unit ?? null;
            if (
                $line->ingredient !== null
                && $line->grams > 0.0
                && $line->line->tie === null
                && $unit !== null
                && ! $unit->informal
                && self::isSpooned($unit, $weighed->recipe->measures)
            ) {
                $amounts[$line->line->id] = self::fresh($line->grams, $line->ingredient, $kit, 0.03);
            }
        }

        return $weighed->recipe->withAmounts($amounts)->in($set);
    }

    /** By the scale: as fine as it shows, or as three figures ask. */
    public static function weighed(float $grams, Kitchenware $kit): string
    {
        return self::onScale($grams, $grams < 10 * $kit->scaleStep ? 0.1 : $kit->scaleStep);
    }

    /** By the scale, and never finer than it shows. */
    public static function shown(float $grams, Kitchenware $kit): string
    {
        return self::onScale($grams, $kit->scaleStep);
    }

    /** By a jug, to the nearest of its lines. */
    public static function poured(float $millilitres): string
    {
        $steps = array_filter(self::JUG, static fn (array $lines): bool => $millilitres >= $lines[0]);
        $step = array_values($steps)[0][1] ?? self::JUG[1][1];

        return Numeral::digits(max($step, round($millilitres / $step) * $step), 0).' ml';
    }

    /** Whether the scale shows so much of it well. */
    public static function isShown(float $grams, Kitchenware $kit): bool
    {
        return $grams >= self::SCALE_STEPS * $kit->scaleStep;
    }

    /** @param float $step grams that it shows apart */
    private static function onScale(float $grams, float $step): string
    {
        return Numeral::digits(max($step, round($grams / $step) * $step), 1).' g';
    }

    /**
     * An amount of what stands in for a line: weighed where the line was weighed, in millilitres where that was, else
     * in the handiest words.
     */
    public static function insteadOf(WeighedLine $line, float $grams, Ingredient $ingredient, Kitchenware $kit): string
    {
        $amount = $line->amount;
        $unit = $amount === null || count($amount->terms) > 1 ? null : $amount->terms[0]->unit ?? null;
        if ($unit?->informal === true && $ingredient === $line->ingredient) {
            // more of a pinch is counted in pinches
            return self::nearest($line, $grams / $line->grams, $kit->set) ?? self::shown($grams, $kit);
        }
        $isVolume = $unit?->dimension === Dimension::Volume;
        $size = $isVolume ? $grams / ($ingredient->density ?? INF) : $grams;
        if (
            $amount === null
            || ! in_array($unit?->name, ['g', 'kg', 'ml', 'l'], true)
            || $size < self::MEASURED_AS_IT_WAS
            || $ingredient->is('uncut')
            || ($isVolume && ! $ingredient->fillsASpoon())
        ) {
            return self::fresh($grams, $ingredient, $kit, 0.1);
        }
        // sixty millilitres for sixty, where fifty-five would do
        $was = self::size($amount);

        return match (true) {
            abs($size / $was - 1) <= self::AS_IT_WAS => Numeral::digits($was, 1).($isVolume ? ' ml' : ' g'),
            $isVolume => self::poured($size),
            default => self::roundly($size, $kit)[0] ?? self::shown($size, $kit),
        };
    }

    /**
     * An amount of something that is not in the recipe yet: the handiest words within a share of it, or the nearest
     * there are.
     */
    public static function fresh(
        float $grams,
        Ingredient $ingredient,
        Kitchenware $kit,
        float $within = 0.06,
    ): string {
        $ways = [];
        $counted = $ingredient->portions[0] ?? null;
        $whole = $ingredient->is('uncut') && $counted !== null ? round($grams / $counted->grams) : 0.0;
        if ($counted?->name === 'each' && $whole > 0.0) {
            // half an egg is none
            return Numeral::digits($whole, 0);
        }
        if (
            $counted !== null
            && $ingredient->form === Form::Pieces
            && ! str_contains($counted->name, ',')
            && ! str_contains($counted->name, ' of')
            && $grams >= $counted->grams / 2
        ) {
            [$text, $count] = AmountWriter::in(Units::count('each'), $grams / $counted->grams, $kit->set);
            // nobody counts out twenty-seven sprigs
            if ($count <= self::COUNTED || ! self::isShown($grams, $kit)) {
                $ways[] = [
                    $counted->name === 'each' ? $text : Portion::counted($text, $count, $counted->name),
                    $count * $counted->grams,
                ];
            }
        }
        if ($ingredient->fillsASpoon() && $grams / $ingredient->density >= self::LEAST_SPOON_ML) {
            foreach ([AmountWriter::spoons(...), AmountWriter::together(...)] as $write) {
                [$text, $size] = $write($grams / $ingredient->density, $kit->set);
                $ways[] = [$text, $size * $ingredient->density];
            }
        }
        $pinch = Units::find('pinch', $kit->set)?->size;
        $isOff = array_filter($ways, static fn (array $way): bool => abs($way[1] / $grams - 1) <= $within) === [];
        $isPinched = $ingredient->form === Form::Powder || $ways === [];
        if ($isOff && $isPinched && $pinch !== null && $ingredient->fillsASpoon()) {
            $pinches = max(1, (int) round($grams / $ingredient->density / $pinch));
            // beside a spoon that is too much, one pinch; two are the spoon
            if ($pinches <= ($ways === [] ? self::MOST_PINCHES : 1)) {
                $ways[] = [
                    $pinches === 1 ? '1 pinch' : "{$pinches} pinches",
                    $pinches * $pinch * $ingredient->density,
                ];
            }
        }
        if ($ways === [] || self::isShown($grams, $kit)) {
            $weighed = self::onScale($grams, $grams < $kit->scaleStep ? 0.1 : $kit->scaleStep);
            $ways[] = [$weighed, (float) $weighed];
        }
        $nearest = $ways[0];
        foreach ($ways as $way) {
            if (abs($way[1] / $grams - 1) <= $within) {
                return $way[0];
            }
            $nearest = abs($way[1] - $grams) < abs($nearest[1] - $grams) ? $way : $nearest;
        }

        return $nearest[0];
    }

    /** Grams that a text stands for, for this line; null where it cannot be read. */
    public static function gramsOf(string $text, Ingredient $ingredient, ?string $prep, Kitchenware $kit): ?float
    {
        try {
            return Weight::of(Amount::parse($text, $kit), $ingredient, $prep, $kit->scaleStep)->grams;
        } catch (UnreadableAmount) {
            return null;
        }
    }

    private static function isSpooned(Unit $unit, MeasuringSet $set): bool
    {
        return $unit->dimension === Dimension::Volume
            && ! $unit->decimal
            && Units::find($unit->name, $set) !== null
            && ! in_array($unit->name, ['fl oz', 'pint', 'quart', 'gallon'], true);
    }

    private static function gram(): Unit
    {
        return Units::find('g', MeasuringSet::Metric) ?? throw new \LogicException('There is no gram.');
    }

    /** Total of the terms in grams, millilitres or pieces. */
    private static function size(Amount $amount): float
    {
        return $amount->factor
            * array_sum(
                array_map(
                    static fn ($term): float => $term->number->value * ($term->unit->size ?? 1.0),
                    $amount->terms,
                ),
            );
    }
}
