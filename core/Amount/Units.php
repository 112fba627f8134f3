<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/**
 * Every unit the product reads, with its size and where the size comes from.
 *
 * To add a unit, add a line. Masses in grams, volumes in millilitres.
 */
final class Units
{
    private const CUBIC_INCH = 16.387064;      // exact: (2.54 cm)^3
    private const US_GALLON = 231 * self::CUBIC_INCH; // NIST Handbook 44, appendix C: 231 cubic inches
    private const IMPERIAL_GALLON = 4546.09;   // UK Weights and Measures Act 1985: 4.546 09 L
    private const POUND = 453.59237;           // international pound, exact; NIST Handbook 44, appendix C

    /** The same in every set. Word lists: the first is how the unit is written back. */
    private const COMMON = [
        'mg' => ['mass', 0.001, ['mg', 'milligram', 'milligramme']],
        'g' => ['mass', 1.0, ['g', 'gr', 'gm', 'gram', 'gramme']],
        'kg' => ['mass', 1000.0, ['kg', 'kilo', 'kilogram', 'kilogramme']],
        'oz' => ['mass', self::POUND / 16, ['oz', 'ounce']],
        'lb' => ['mass', self::POUND, ['lb', 'pound']],
        'ml' => ['volume', 1.0, ['ml', 'millilitre', 'milliliter', 'cc']],
        'cl' => ['volume', 10.0, ['cl', 'centilitre', 'centiliter']],
        'dl' => ['volume', 100.0, ['dl', 'decilitre', 'deciliter']],
        'l' => ['volume', 1000.0, ['l', 'litre', 'liter', 'ltr']],
        'each' => ['count', 1.0, ['each', 'whole', 'piece', 'pc', 'pce']],
        'part' => ['part', 1.0, ['part', 'measure']],
    ];

    /** Cups and spoons by set, millilitres. */
    private const BY_SET = [
        'us' => [
            'tsp' => self::US_GALLON / 768,
            'tbsp' => self::US_GALLON / 256,
            'fl oz' => self::US_GALLON / 128,
            'gill' => self::US_GALLON / 32,
            'cup' => self::US_GALLON / 16,
            'pint' => self::US_GALLON / 8,
            'quart' => self::US_GALLON / 4,
            'gallon' => self::US_GALLON,
        ],
        // Metric kitchens that say pint or fluid ounce mean the imperial one: common practice, no source.
        'metric' => ['tsp' => 5.0, 'tbsp' => 15.0, 'cup' => 250.0] + self::IMPERIAL_LARGE,
        // 15 and 5 mL spoons and half-pint cup: the usage GNU units records for Britain.
        'imperial' => ['tsp' => 5.0, 'tbsp' => 15.0, 'cup' => self::IMPERIAL_GALLON / 16] + self::IMPERIAL_LARGE,
        // 20 mL tablespoon, 250 mL cup: Australian metric kitchen measures (AS 1325, from memory).
        'australian' => ['tsp' => 5.0, 'tbsp' => 20.0, 'cup' => 250.0] + self::IMPERIAL_LARGE,
    ];

    private const IMPERIAL_LARGE = [
        'fl oz' => self::IMPERIAL_GALLON / 160,
        'gill' => self::IMPERIAL_GALLON / 32,
        'pint' => self::IMPERIAL_GALLON / 8,
        'quart' => self::IMPERIAL_GALLON / 4,
        'gallon' => self::IMPERIAL_GALLON,
    ];

    /** In teaspoons of the set in use. Common practice, no source: nobody's glug is the same. */
    private const INFORMAL_TEASPOONS = [
        'pinch' => 1 / 16,
        'dash' => 1 / 8,
        'smidgen' => 1 / 32,
        'splash' => 1.0,
        'glug' => 3.0,
        'shake' => 1 / 8,
        'handful' => 24.0,
        'drizzle' => 2.0,
    ];

    /** Grams, where a mass is what people mean. Common practice, no source. */
    private const INFORMAL_GRAMS = [
        'crank' => 0.1,   // one turn of a pepper mill
        'knob' => 15.0,
        'thumb' => 15.0,
    ];

    /** GNU units calls a drop 1/20 ml; drippers differ by half. */
    private const DROP_ML = 0.05;

    /** Other ways to write them. Plurals are made by rule; "T" and "t" are told apart by case. */
    private const WORDS = [
        'tsp' => ['tsp', 'teaspoon', 'teaspoonful', 'ts'],
        'tbsp' => ['tbsp', 'tablespoon', 'tablespoonful', 'tbl', 'tbs', 'tblsp'],
        'fl oz' => ['fl oz', 'floz', 'fl. oz', 'fluid ounce', 'fluid oz'],
        'gill' => ['gill'],
        'cup' => ['cup', 'cupful', 'c'],
        'pint' => ['pint', 'pt'],
        'quart' => ['quart', 'qt'],
        'gallon' => ['gallon', 'gal'],
        'pinch' => ['pinch', 'pinches'],
        'dash' => ['dash', 'dashes'],
        'smidgen' => ['smidgen', 'smidge'],
        'splash' => ['splash', 'splashes'],
        'glug' => ['glug'],
        'shake' => ['shake'],
        'handful' => ['handful'],
        'drizzle' => ['drizzle'],
        'crank' => ['crank', 'grind', 'turn'],
        'knob' => ['knob'],
        'thumb' => ['thumb'],
        'drop' => ['drop'],
    ];

    private const QUARTERS = [0.25, 0.5, 0.75, 1.0];
    private const CUP_PARTS = [0.25, 1 / 3, 0.5, 2 / 3, 0.75, 1.0];
    private const HALVES = [0.5, 1.0];
    private const WHOLES = [1.0];

    /** Kitchen steps: [up to this number, [parts of 1 that can be measured]]; steps above 1 are [upTo, [step]]. */
    private const RUNGS = [
        'cup' => [[4.0, self::CUP_PARTS], [INF, self::HALVES]],
        'tbsp' => [[4.0, self::HALVES], [INF, self::WHOLES]],
        'tsp' => [[0.25, [0.125, 0.25]], [2.0, self::QUARTERS], [6.0, self::HALVES], [INF, self::WHOLES]],
        'oz' => [[4.0, self::QUARTERS], [16.0, self::HALVES], [INF, self::WHOLES]],
        'lb' => [[4.0, self::QUARTERS], [INF, self::HALVES]],
        'fl oz' => [[8.0, self::HALVES], [INF, self::WHOLES]],
        'each' => [[3.0, self::HALVES], [INF, self::WHOLES]],
        'part' => [[3.0, self::HALVES], [INF, self::WHOLES]],
    ];

    private const METRIC_RUNGS = [
        [1.0, [0.1]], [5.0, [0.5]], [20.0, [1.0]], [100.0, [5.0]], [300.0, [10.0]], [1000.0, [25.0]], [INF, [50.0]],
    ];

    private const LARGE_METRIC_RUNGS = [[1.0, [0.05]], [5.0, [0.1]], [INF, [0.5]]];

    /** @var array<string, array<string, Unit>> by set, then by every word that names the unit */
    private static array $index = [];

    /** The unit a maker's word means in this measuring set, or null when no unit has that name. */
    public static function find(string $word, MeasuringSet $set): ?Unit
    {
        $index = self::$index[$set->value] ??= self::index($set);
        $word = trim($word, " \t.");
        if ($word === 'T') {
            return $index['tbsp'];
        }
        if ($word === 't') {
            return $index['tsp'];
        }
        $word = mb_strtolower($word);

        return $index[$word] ?? (str_ends_with($word, 's') ? $index[substr($word, 0, -1)] ?? null : null);
    }

    /**
     * Names of the units, as written back, in this set.
     *
     * @return list<string>
     */
    public static function names(MeasuringSet $set): array
    {
        $index = self::$index[$set->value] ??= self::index($set);

        return array_values(array_unique(array_map(static fn (Unit $unit): string => $unit->name, $index)));
    }

    /** A count of something the ingredient has a portion for ("clove"). */
    public static function count(string $name): Unit
    {
        return new Unit($name, Dimension::Count, 1.0, false, false, self::RUNGS['each']);
    }

    /**
     * @return array<string, Unit>
     */
    private static function index(MeasuringSet $set): array
    {
        $units = [];
        foreach (self::COMMON as $name => [$dimension, $size, $words]) {
            $dimension = Dimension::from($dimension);
            $decimal = in_array($name, ['mg', 'g', 'kg', 'ml', 'cl', 'dl', 'l'], true);
            $rungs = self::RUNGS[$name] ?? (in_array($name, ['kg', 'l'], true) ? self::LARGE_METRIC_RUNGS : self::METRIC_RUNGS);
            $units[] = [new Unit($name, $dimension, $size, false, $decimal, $rungs), $words];
        }
        foreach (self::BY_SET[$set->value] as $name => $size) {
            $rungs = self::RUNGS[$name] ?? self::RUNGS['lb'];
            $units[] = [new Unit($name, Dimension::Volume, $size, false, false, $rungs), self::WORDS[$name]];
        }
        $teaspoon = self::BY_SET[$set->value]['tsp'];
        foreach (self::INFORMAL_TEASPOONS as $name => $teaspoons) {
            $units[] = [new Unit($name, Dimension::Volume, $teaspoons * $teaspoon, true, false, self::RUNGS['each']), self::WORDS[$name]];
        }
        foreach (self::INFORMAL_GRAMS as $name => $grams) {
            $units[] = [new Unit($name, Dimension::Mass, $grams, true, false, self::RUNGS['each']), self::WORDS[$name]];
        }
        $units[] = [new Unit('drop', Dimension::Volume, self::DROP_ML, true, false, self::RUNGS['each']), self::WORDS['drop']];

        $index = [];
        foreach ($units as [$unit, $words]) {
            foreach ($words as $word) {
                $index[$word] = $unit;
            }
        }

        return $index;
    }
}
