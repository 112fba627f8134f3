<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/**
 * What a cook puts in where something is not to be had, as text: "milk, cream: yoghurt + water | coconut-milk ||
 * water". Choices stand best first; what is behind two bars is for when nothing before them may go in. Common
 * practice, no source.
 */
final class StandIns
{
    /**
     * @param string $text the whole table
     * @param list<string> $slugs all there are in the catalogue
     *
     * @return array<string, non-empty-list<list<non-empty-list<string>>>> by the slug they stand in for: what to try
     *     first and what only then, each of choices, best first, of one thing or of several together
     *
     * @throws CatalogueError naming the line, for a thing the catalogue has not, or one that has a line already
     */
    public static function read(string $text, array $slugs): array
    {
        $known = array_fill_keys($slugs, true);
        $found = [];
        foreach (explode("\n", $text) as $i => $line) {
            if (trim($line) === '' || $line[0] === '#') {
                continue;
            }
            $parts = explode(':', $line);
            if (count($parts) !== 2) {
                throw self::error($i, 'wants a thing, a colon, and what stands in for it.');
            }
            $resorts = [];
            foreach (explode('||', $parts[1]) as $resort) {
                $choices = [];
                foreach (explode('|', $resort) as $choice) {
                    $choices[] = self::things($choice, '+', $known, $i);
                }
                $resorts[] = $choices;
            }
            foreach (self::things($parts[0], ',', $known, $i) as $thing) {
                if (isset($found[$thing])) {
                    throw self::error($i, "“{$thing}” has a line already.");
                }
                // a line for several things may name each of them for the others
                $others = array_map(
                    static fn (array $choices): array => array_values(array_filter(
                        $choices,
                        static fn (array $choice): bool => ! in_array($thing, $choice, true),
                    )),
                    $resorts,
                );
                if (array_filter($others) === []) {
                    throw self::error($i, "“{$thing}” stands in for itself.");
                }
                $found[$thing] = $others;
            }
        }

        return $found;
    }

    /**
     * @param non-empty-string $between
     * @param array<string, true> $known
     *
     * @return non-empty-list<string>
     */
    private static function things(string $text, string $between, array $known, int $line): array
    {
        $things = array_map(trim(...), explode($between, $text));
        foreach ($things as $thing) {
            if (! isset($known[$thing])) {
                throw self::error($line, "“{$thing}” is not in the catalogue.");
            }
        }

        return $things;
    }

    private static function error(int $line, string $what): CatalogueError
    {
        return CatalogueError::at('stand-ins.txt', $line + 1, $what);
    }
}
