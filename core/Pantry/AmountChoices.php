<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Amount\Amount;
use Vinculum\Amount\AmountWriter;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Rungs;
use Vinculum\Amount\Unit;
use Vinculum\Amount\Units;

/** Other amounts of the same ingredient a maker can reach for: a step more or less, or the same in another measure. */
final class AmountChoices
{
    /** Steps offered on each side, so that a held arrow key need not wait for an answer at every press. */
    private const REACH = 6;

    /** Stands for the number in an amount's words; nobody types it. */
    private const NUMBER = "\u{1}";

    /** Measures that can only come nearer than this share are not the same amount. */
    private const SAME = 0.04;

    /** Grams below which another measure is not worth offering. */
    private const LEAST_GRAMS = 0.05;

    /**
     * The amount in kitchen steps of its own unit, ascending, and where it stands among them. Empty where it has no
     * single number to step.
     *
     * @return array{
     *     texts: list<string>,
     *     rung: int,
     *     exact: bool,
     * } rung is the last step at or below the amount, -1 below all
     */
    public static function ladder(Amount $amount): array
    {
        $none = ['texts' => [], 'rung' => -1, 'exact' => false];
        if (count($amount->terms) !== 1 || $amount->terms[0]->number->value <= 0.0) {
            return $none;
        }
        $term = $amount->terms[0];
        $unit = $term->unit ?? Units::count('each');
        // a plain unit is written as the product writes it, so that two cups come down to 1 cup
        $measure
            = in_array($term->unit?->dimension, [Dimension::Mass, Dimension::Volume], true)
            && ! str_contains($term->words, ' of ')
                ? $term->unit->name
                : $term->words;
        $words = trim("{$amount->lead} ".self::NUMBER.' ').($measure === '' ? '' : " {$measure}");
        $number = $term->number->value;
        [$down, $up] = Rungs::ladder($number, $unit, self::REACH);
        $exact = abs(Rungs::nearest($number, $unit) - $number) < 1e-6;
        $rungs = [...$down, ...$exact ? [$number] : [], ...$up];

        return [
            'texts' => array_map(static fn (float $rung): string => str_replace(
                self::NUMBER,
                Rungs::text($rung, $unit),
                $words,
            ), $rungs),
            'rung' => count($down) - ($exact ? 0 : 1),
            'exact' => $exact,
        ];
    }

    /**
     * The same mass in other measures: by weight, by spoon or cup, by what it comes in.
     *
     * @param float $grams above 0
     * @return list<string>
     */
    public static function inOtherUnits(float $grams, Ingredient $ingredient, MeasuringSet $set): array
    {
        if ($grams < self::LEAST_GRAMS) {
            return [];
        }
        /** @var list<array{string, float}> $choices text, and grams it stands for */
        $choices = [];
        foreach ($set === MeasuringSet::Us ? ['g', 'oz'] : ['g'] as $name) {
            $choices[] = AmountWriter::in(self::unit($name), $grams, $set);
        }
        if ($ingredient->density !== null) {
            $spoons = AmountWriter::spoons($grams / $ingredient->density, $set);
            $choices[] = [$spoons[0], $spoons[1] * $ingredient->density];
            if ($ingredient->form === Form::Liquid) {
                $millilitres = AmountWriter::in(self::unit('ml'), $grams / $ingredient->density, $set);
                $choices[] = [$millilitres[0], $millilitres[1] * $ingredient->density];
            }
        }
        foreach ($ingredient->portions as $portion) {
            if (! str_contains($portion->name, ',') && ! str_contains($portion->name, 'juice')) {
                $count = AmountWriter::in(Units::count('each'), $grams / $portion->grams, $set);
                $choices[] = [
                    $portion->name === 'each' ? $count[0] : "{$count[0]} {$portion->name}",
                    $count[1] * $portion->grams,
                ];
            }
        }
        $same = array_filter($choices, static fn (array $choice): bool => abs($choice[1] / $grams - 1) < self::SAME);

        return array_values(array_unique(array_column($same, 0)));
    }

    /** An amount to begin with when the ingredient is put on the list. */
    public static function toBegin(Ingredient $ingredient): string
    {
        foreach ($ingredient->portions as $portion) {
            if (
                ! str_contains($portion->name, ',')
                && $portion->name !== 'each'
                && ! str_contains($portion->name, 'juice')
                && $portion->grams <= 200
            ) {
                return "1 {$portion->name}";
            }
        }

        return match (true) {
            $ingredient->portion('each') !== null => '1',
            in_array('salty', $ingredient->roles, true),
            in_array('hot', $ingredient->roles, true),
            in_array('aroma', $ingredient->roles, true)
                => $ingredient->density === null ? '5 g' : '1 tsp',
            in_array('base', $ingredient->roles, true) => '250 g',
            default => $ingredient->density === null ? '50 g' : '1 tbsp',
        };
    }

    private static function unit(string $name): Unit
    {
        return Units::find($name, MeasuringSet::Metric) ?? throw new \LogicException("There is no unit {$name}.");
    }
}
