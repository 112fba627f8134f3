<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/**
 * Every unit the product reads. Sizes, words, steps and sources stand in database/units.json; to add a unit, add a line
 * there.
 *
 * @phpstan-type UnitEntry array{
 *     name: string,
 *     dimension: string,
 *     size?: int|float|array<string, int|float>,
 *     teaspoons?: int|float,
 *     words: list<string>,
 *     decimal?: bool,
 *     loose?: bool,
 *     rungs: string,
 *     source?: string,
 *     gnu?: string|array<string, string>,
 * }
 */
final class Units
{
    /** @var array{units: list<UnitEntry>, rungs: array<string, list<array{float, list<float>}>>}|null */
    private static ?array $table = null;

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
        return new Unit($name, Dimension::Count, 1.0, false, false, self::table()['rungs']['each']);
    }

    /** @return array{units: list<UnitEntry>, rungs: array<string, list<array{float, list<float>}>>} */
    private static function table(): array
    {
        if (self::$table === null) {
            $json = (string) file_get_contents(dirname(__DIR__, 2).'/database/units.json');
            /**
             * @var array{units: list<UnitEntry>, rungs: array<string, list<array{float|null, list<float|int>}>>} $read
             */
            $read = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
            $rungs = [];
            foreach ($read['rungs'] as $name => $steps) {
                foreach ($steps as [$upTo, $parts]) {
                    $rungs[$name][] = [(float) ($upTo ?? INF), array_map(floatval(...), $parts)];
                }
            }
            self::$table = ['units' => $read['units'], 'rungs' => $rungs];
        }

        return self::$table;
    }

    /**
     * @return array<string, Unit>
     */
    private static function index(MeasuringSet $set): array
    {
        ['units' => $units, 'rungs' => $rungs] = self::table();
        $index = [];
        $teaspoon = 0.0;
        foreach ($units as $entry) {
            $size = $entry['size'] ?? ($entry['teaspoons'] ?? 0.0) * $teaspoon;
            $size = (float) (is_array($size) ? $size[$set->value] : $size);
            if ($entry['name'] === 'tsp') {
                $teaspoon = $size;
            }
            $unit = new Unit(
                $entry['name'],
                Dimension::from($entry['dimension']),
                $size,
                $entry['loose'] ?? false,
                $entry['decimal'] ?? false,
                $rungs[$entry['rungs']],
            );
            foreach ($entry['words'] as $word) {
                $index[$word] = $unit;
            }
        }

        return $index;
    }
}
