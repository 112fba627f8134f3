<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\AmountTerm;
use Vinculum\Amount\AmountWriter;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Rungs;
use Vinculum\Amount\Spread;
use Vinculum\Amount\Unit;
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

    /** Millilitres up to which spoons do; judgement. */
    private const IN_SPOONS = 50.0;
    /** Millilitres from which a jug does; judgement. */
    private const IN_A_JUG = 15.0;

    /** Units of a kitchen scale. */
    private const GRAMS = ['g', 'kg'];

    /** Grams from which a kilo is written as it was; judgement. */
    private const BY_THE_KILO = 1000.0;

    /** Teaspoons between an eighth and a quarter, where there is an eighth and a pinch; judgement. */
    private const EIGHTH_AND_A_PINCH = [0.15, 0.23];

    /** A jug filled to a line, in dips of a spoon; judgement. */
    private const POURED = 2;
    /** A second measure beside the first, in dips of a spoon; judgement. */
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
        $unit = $line->amount->terms[0]->unit ?? null;
        $isPlain
            = count(
                array_unique(
                    array_map(
                        static fn (AmountTerm $term): string => $term->unit->dimension->value ?? 'count',
                        $line->amount->terms ?? [],
                    ),
                ),
            ) === 1;
        $isWeighed = $unit?->dimension === Dimension::Mass && ! $unit->informal;
        $isCounted = $isPlain && ($unit === null || $unit->dimension === Dimension::Count);
        $isVolume = $isPlain && $unit?->dimension === Dimension::Volume;
        $own = LineWriter::nearest($line, $factor, $tools->kit->set);
        $texts = match (true) {
            $isCounted => self::counted($line, $exact, $factor, $tools),
            $isWeighed && $tools->scale => self::weighed($unit, $ingredient, $exact, $tools),
            $isWeighed => self::withoutAScale($line, $exact, $tools),
            $isVolume && $unit->decimal => self::poured($ingredient, $exact, $tools),
            $isVolume => self::spooned($line, $exact, $tools),
            default => $tools->scale ? [LineWriter::weighed($exact, $tools->kit)] : [],
        };
        // its own words come first where they say no more than a scale or a jug shows
        $isAsWritten = $own !== null && match (true) {
            $isWeighed => $tools->scale && ! self::isByGram($unit, $exact),
            $isVolume => ! $unit->decimal || $texts === [],
            default => true,
        };
        $texts = [...$isAsWritten ? [$own] : [], ...$texts];
        if ($isCounted && self::isWhole($ingredient)) {
            // half a star of anise is no star
            $texts = array_filter($texts, static fn (string $text): bool => ! str_contains($text, '/'));
        }
        $texts = $texts === [] ? [LineWriter::weighed($exact, $tools->kit)] : $texts;
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

    /**
     * By the piece; by the scale too, where it is more than is cut.
     *
     * @return list<string>
     */
    private static function counted(WeighedLine $line, float $exact, float $factor, Tools $tools): array
    {
        $isCut = $exact < self::PIECES_TO * $tools->kit->scaleStep
            || ($line->ingredient !== null && self::isWhole($line->ingredient));

        return [
            ...self::counts($line, $factor),
            ...$tools->scale && ! $isCut ? [LineWriter::weighed($exact, $tools->kit)] : [],
        ];
    }

    /**
     * By the scale; in spoons too, where it is too little for it.
     *
     * @return list<string>
     */
    private static function weighed(Unit $unit, Ingredient $ingredient, float $exact, Tools $tools): array
    {
        if (! self::isByGram($unit, $exact)) {
            return in_array($unit->name, self::GRAMS, true) ? [] : [LineWriter::weighed($exact, $tools->kit)];
        }
        $isLittle = ! LineWriter::isShown($exact, $tools->kit) && $ingredient->fillsASpoon();

        return [
            LineWriter::shown($exact, $tools->kit),
            ...$isLittle ? self::spoons($exact / ($ingredient->density ?? 1.0), $tools) : [],
        ];
    }

    /** Whether it is weighed in grams, and not by the kilo. */
    private static function isByGram(Unit $unit, float $exact): bool
    {
        return in_array($unit->name, self::GRAMS, true) && $exact < self::BY_THE_KILO;
    }

    /**
     * What was weighed, in spoons as it is cut, and in pieces where it comes in them.
     *
     * @return list<string>
     */
    private static function withoutAScale(WeighedLine $line, float $exact, Tools $tools): array
    {
        if ($line->ingredient === null) {
            return [];
        }
        $cup = LineWriter::gramsOf('1 cup', $line->ingredient, $line->line->prep, $tools->kit);
        $density = $cup === null ? null : $cup / (Units::find('cup', $tools->kit->set)->size ?? INF);

        return [
            ...$density === null ? [] : self::spoons($exact / $density, $tools),
            ...$density === null || $line->ingredient->form === Form::Pieces
                ? self::portions($exact, $line->ingredient)
                : [],
        ];
    }

    /**
     * In spoons and cups; by the jug too, where it is much and jugs are marked in millilitres, and by the scale where
     * that shows it: a third of a teaspoon of cumin is no matter for it.
     *
     * @return list<string>
     */
    private static function spooned(WeighedLine $line, float $exact, Tools $tools): array
    {
        $density = $line->line->prep === null ? $line->ingredient?->density : null;
        $texts = $density === null ? [] : self::spoons($exact / $density, $tools);
        $isByJug = $density !== null
            && $tools->kit->set !== MeasuringSet::Us
            && $line->ingredient->form === Form::Liquid
            && $exact / $density >= self::IN_SPOONS;

        return [
            ...$texts,
            ...$isByJug ? [LineWriter::poured($exact / $density)] : [],
            ...$tools->scale && LineWriter::isShown($exact, $tools->kit)
                ? [LineWriter::weighed($exact, $tools->kit)]
                : [],
        ];
    }

    /**
     * What was poured by the jug is poured again; in spoons too, where it is little.
     *
     * @return list<string>
     */
    private static function poured(Ingredient $ingredient, float $exact, Tools $tools): array
    {
        if ($ingredient->density === null) {
            return [];
        }
        $millilitres = $exact / $ingredient->density;

        return [
            ...$millilitres < self::IN_SPOONS ? self::spoons($millilitres, $tools) : [],
            ...$millilitres >= self::IN_A_JUG ? [LineWriter::poured($millilitres)] : [],
        ];
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

    /**
     * By the piece, where its size is known and nobody has to count out twenty.
     *
     * @return list<string>
     */
    private static function portions(float $exact, Ingredient $ingredient): array
    {
        $each = Units::count('each');
        $texts = [];
        foreach ($ingredient->portions as $portion) {
            $count = Rungs::nearest($exact / $portion->grams, $each);
            if (
                ! str_contains($portion->name, ',')
                && ! str_contains($portion->name, ' of')
                && $portion->spread < Spread::INFORMAL
                && $portion->grams <= 1.2 * $exact
                && $count <= LineWriter::COUNTED
            ) {
                $number = Rungs::text($count, $each);
                $texts[] = $portion->name === 'each' ? $number : Portion::counted($number, $count, $portion->name);
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
        if (preg_match('/ (?:ml|l)$/', $text) === 1) {
            return self::POURED;
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
