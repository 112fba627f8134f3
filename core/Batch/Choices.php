<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\AmountTerm;
use Vinculum\Amount\AmountWriter;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Rungs;
use Vinculum\Amount\Units;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Portion;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\WeighedLine;

/**
 * The amounts a kitchen can measure near an exact one: by its own unit, by the spoons and cups of the set, by the
 * piece, and by the scale where there is one.
 */
final class Choices
{
    /** Further from exact than this share is no choice, unless nothing is nearer. */
    private const FAR = 0.4;

    /** Steps of the scale up to which pieces are cut and not weighed, and how many are cut in quarters; judgement. */
    private const PIECES_TO = 50.0;
    private const QUARTERS_TO = 2.0;

    /** Steps of the scale from which it shows a thing well. */
    private const SHOWS = 5.0;

    /** Millilitres from which a jug is filled to its next line of ten, and of five; up to which spoons do. */
    private const JUG = [[250.0, 10.0], [15.0, 5.0]];
    private const IN_SPOONS = 50.0;

    /** Grams from which a kilo is written as it was. */
    private const BY_THE_KILO = 1000.0;

    /** Between an eighth of a teaspoon and a quarter there is an eighth and a pinch. */
    private const EIGHTH_AND_A_PINCH = [0.15, 0.23];

    /** A jug filled to a line, and between two; and what a second measure beside the first is worth in dips. */
    private const POURED = 2;
    private const BETWEEN = 3;
    private const SECOND_MEASURE = 3;

    /** Weighing is worth so many dips of a spoon; more, where the maker wrote it in spoons. */
    private const WEIGHING = 3;
    private const WEIGHING_INSTEAD = 8;

    /**
     * @param float $exact g, above 0
     * @return non-empty-list<Choice> the nearest first; every one of them can be measured
     */
    public static function of(WeighedLine $line, float $exact, float $factor, Tools $tools): array
    {
        $ingredient
            = $line->ingredient ?? throw new \LogicException('A line without an ingredient has no amount to measure.');
        $prep = $line->line->prep;
        $texts = [];
        $first = $line->amount->terms[0] ?? null;
        $isPlain
            = count(
                array_unique(
                    array_map(
                        static fn (AmountTerm $term): string => $term->unit->dimension->value ?? 'count',
                        $line->amount->terms ?? [],
                    ),
                ),
            ) === 1;
        $isVolume = $isPlain && $first?->unit?->dimension === Dimension::Volume;
        $isSpooned = $isVolume && ! $first->unit->decimal;
        // what was poured by the jug is poured again
        $isPoured = $isVolume && ! $isSpooned;
        $isCounted
            = $isPlain && $first !== null && ($first->unit === null || $first->unit->dimension === Dimension::Count);
        $isWeighed = $first?->unit?->dimension === Dimension::Mass && ! $first->unit->informal;
        $own = LineWriter::nearest($line, $factor, $tools->kit->set);
        $isByGram = $isWeighed && in_array($first->unit->name, ['g', 'kg'], true);
        if ($isByGram && $tools->scale && $exact < self::BY_THE_KILO) {
            $texts[] = LineWriter::shown($exact, $tools->kit);
        } elseif ($own !== null && ! $isPoured && ($tools->scale || ! $isWeighed)) {
            $texts[] = $own;
        }
        if ($isCounted) {
            $texts = [...$texts, ...self::counts($line, $factor)];
        } elseif ($ingredient->density !== null && ($isSpooned || (! $tools->scale && $isWeighed)) && $prep === null) {
            $texts = [...$texts, ...self::spoons($exact / $ingredient->density, $tools)];
            if ($tools->kit->set !== MeasuringSet::Us && $ingredient->form === Form::Liquid) {
                // more than a few spoons are poured, where jugs are marked in millilitres
                $ml = $exact / $ingredient->density;
                $texts = [...$texts, ...($ml >= self::IN_SPOONS ? self::poured($ml, $tools) : [])];
            }
        } elseif ($isPoured && $ingredient->density !== null) {
            $texts = [...$texts, ...self::poured($exact / $ingredient->density, $tools)];
        } elseif (! $tools->scale && $isWeighed && $ingredient->portions !== []) {
            $texts = [...$texts, ...self::portions($exact, $ingredient)];
        }
        if ($isCounted && self::isWhole($ingredient)) {
            // half a star of anise is no star
            $texts = array_filter($texts, static fn (string $text): bool => ! str_contains($text, '/'));
        } elseif ($isCounted && $exact < self::PIECES_TO * $tools->kit->scaleStep) {
            // half a chilli is cut, and never weighed out by the gram
        } elseif ($isByGram && $tools->scale) {
            // too little for the scale, it is spooned where it can be
            if ($exact < self::SHOWS * $tools->kit->scaleStep && self::isSpoonable($ingredient) && $prep === null) {
                $texts = [...$texts, ...self::spoons($exact / ($ingredient->density ?? 1.0), $tools)];
            }
        } elseif ($texts !== [] && ($isPoured || ($isSpooned && $exact < self::SHOWS * $tools->kit->scaleStep))) {
            // a third of a teaspoon of cumin is no matter for a kitchen scale
        } elseif ($tools->scale || $texts === []) {
            $texts[] = LineWriter::weighed($exact, $tools->kit);
        }
        $choices = [];
        foreach (array_unique($texts) as $text) {
            $grams = LineWriter::gramsOf($text, $ingredient, $prep, $tools->kit);
            if ($grams !== null && $grams > 0.0 && ($tools->eighths || ! str_contains($text, '/8 tsp'))) {
                $choices[] = new Choice($text, $grams, self::scoops($text, $isWeighed, $isCounted));
            }
        }
        usort(
            $choices,
            static fn (Choice $a, Choice $b): int => abs(log($a->grams / $exact)) <=> abs(log($b->grams / $exact)),
        );
        $near = array_values(
            array_filter($choices, static fn (Choice $choice): bool => abs($choice->grams / $exact - 1) <= self::FAR),
        );

        return $near !== [] ? $near : ($choices !== [] ? [$choices[0]] : [new Choice((string) $own, $exact, 1)]);
    }

    /**
     * Steps of every spoon and cup about a volume, and two together.
     *
     * @return list<string>
     */
    private static function spoons(float $millilitres, Tools $tools): array
    {
        $set = $tools->kit->set;
        $texts = [AmountWriter::together($millilitres, $set)[0], AmountWriter::spoons($millilitres, $set)[0]];
        $teaspoons = $millilitres / (Units::find('tsp', $set)->size ?? INF);
        if ($teaspoons > self::EIGHTH_AND_A_PINCH[0] && $teaspoons < self::EIGHTH_AND_A_PINCH[1]) {
            $texts[] = '1/8 tsp + 1 pinch';
        }
        foreach (['cup' => 0.2, 'tbsp' => 0.5, 'tsp' => 0.06] as $name => $least) {
            $unit = Units::find($name, $set);
            $number = $unit === null ? 0.0 : $millilitres / $unit->size;
            if ($unit === null || $number < $least || $number > ['cup' => INF, 'tbsp' => 8.0, 'tsp' => 6.0][$name]) {
                continue;
            }
            $nearest = Rungs::nearest($number, $unit);
            // below the smallest step there is none before it
            foreach (
                array_unique([$nearest, Rungs::previous($nearest, $unit), Rungs::next($nearest, $unit)]) as $step
            ) {
                if ($step > 0.0) {
                    $texts[] = Rungs::text($step, $unit)." {$name}";
                }
            }
        }

        return $texts;
    }

    private static function isSpoonable(Ingredient $ingredient): bool
    {
        return $ingredient->density !== null && $ingredient->form !== Form::Pieces;
    }

    /**
     * To the nearest line of a jug, and in spoons where it is little.
     *
     * @return list<string>
     */
    private static function poured(float $millilitres, Tools $tools): array
    {
        $texts = $millilitres < self::IN_SPOONS ? self::spoons($millilitres, $tools) : [];
        foreach (self::JUG as [$from, $step]) {
            if ($millilitres >= $from) {
                return [...$texts, sprintf('%d ml', (int) round(round($millilitres / $step) * $step))];
            }
        }

        return $texts;
    }

    /** @return list<string> */
    private static function counts(WeighedLine $line, float $factor): array
    {
        $term = $line->amount->terms[0] ?? null;
        if ($term === null || count($line->amount->terms ?? []) > 1) {
            return [];
        }
        $number = $term->number->value * ($line->amount->factor ?? 1.0) * $factor;
        $numbers = [max(1.0, floor($number)), ceil($number)];
        if ($line->ingredient?->is('uncut') !== true) {
            $numbers[] = max(0.5, round(2 * $number) / 2);
            $numbers[] = $number < self::QUARTERS_TO ? max(0.25, round(4 * $number) / 4) : $numbers[0];
        }

        return array_map(
            static fn (float $each): string => Portion::counted(
                Rungs::text($each, Units::count('each')),
                $each,
                $term->words,
            ),
            array_values(array_unique($numbers)),
        );
    }

    /** @return list<string> */
    private static function portions(float $exact, Ingredient $ingredient): array
    {
        $texts = [];
        foreach ($ingredient->portions as $portion) {
            if (
                ! str_contains($portion->name, ',')
                && ! str_contains($portion->name, ' of')
                && $portion->grams <= 1.2 * $exact
            ) {
                $count = Rungs::nearest($exact / $portion->grams, Units::count('each'));
                $texts[] = trim(
                    Rungs::text($count, Units::count('each')).($portion->name === 'each' ? '' : " {$portion->name}"),
                );
            }
        }

        return $texts;
    }

    private static function scoops(string $text, bool $isWeighed, bool $isCounted): int
    {
        if (preg_match('/\b(?:g|kg|oz|lb)$/', $text) === 1) {
            return $isWeighed ? self::WEIGHING : self::WEIGHING_INSTEAD;
        }
        if ($isCounted) {
            return 1;
        }
        if (preg_match('/^([\d.]+) (?:ml|l)$/', $text, $poured) === 1) {
            return fmod((float) $poured[1], 5.0) === 0.0 ? self::POURED : self::BETWEEN;
        }
        $parts = explode(' + ', $text);
        $scoops = self::SECOND_MEASURE * (count($parts) - 1);
        foreach ($parts as $part) {
            preg_match('/^(?:(\d+)(?![\d\/.]))?\s*(?:(\d+)\/(\d+))?/', $part, $match);
            // three quarters are a half and a quarter
            $scoops += min(12, (int) ($match[1] ?? 0)) + min(2, (int) ($match[2] ?? 0));
        }

        return max(1, $scoops);
    }

    /** Whether a thing comes as it is and is not cut or weighed out by halves. */
    public static function isWhole(Ingredient $ingredient): bool
    {
        return $ingredient->is('uncut');
    }
}
