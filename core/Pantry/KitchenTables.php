<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/** Reads the plain-text tables of aromas and seasons (database/kitchen) when the product is built. */
final class KitchenTables
{
    /**
     * @param list<string> $known slugs
     * @return array<string, array<string, float>> strength per gram, by slug and aroma
     *
     * @throws CatalogueError
     */
    public static function aromas(string $text, array $known): array
    {
        $aromas = [];
        foreach (self::lines('aroma.txt', $text, $known) as $number => [$slug, $rest]) {
            preg_match_all('/([a-z-]+)\s+([\d.]+)/', $rest, $pairs, PREG_SET_ORDER);
            if ($pairs === []) {
                throw CatalogueError::at('aroma.txt', $number, 'a slug is followed by an aroma and its strength, such as “garlic 1”.');
            }
            foreach ($pairs as [, $aroma, $strength]) {
                $aromas[$slug][$aroma] = (float) $strength;
            }
        }

        return $aromas;
    }

    /**
     * @param list<string> $known slugs
     * @return array<string, array{int, int}> first and last month, by slug
     *
     * @throws CatalogueError
     */
    public static function seasons(string $text, array $known): array
    {
        $seasons = [];
        foreach (self::lines('seasons.txt', $text, $known) as $number => [$slug, $rest]) {
            if (preg_match('/^(\d{1,2})\s+(\d{1,2})$/', $rest, $months) !== 1 || max((int) $months[1], (int) $months[2]) > 12 || min((int) $months[1], (int) $months[2]) < 1) {
                throw CatalogueError::at('seasons.txt', $number, 'a slug is followed by its first and last month, from 1 to 12.');
            }
            $seasons[$slug] = [(int) $months[1], (int) $months[2]];
        }

        return $seasons;
    }

    /**
     * @param list<string> $known
     * @return iterable<int, array{string, string}> slug and what follows it, by line number
     */
    private static function lines(string $file, string $text, array $known): iterable
    {
        foreach (explode("\n", $text) as $i => $line) {
            $line = trim(explode('|', $line)[0]);
            if ($line === '' || $line[0] === '#') {
                continue;
            }
            [$slug, $rest] = [...preg_split('/\s+/', $line, 2) ?: [], ''];
            if (! in_array($slug, $known, true)) {
                throw CatalogueError::at($file, $i + 1, "there is no ingredient “{$slug}”.");
            }
            yield $i + 1 => [$slug, trim($rest)];
        }
    }
}
