<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/**
 * What words mean to whoever reads a note: pages of plain text in database/words, one for each thing a word may be.
 * A page is a list, "chopped, minced", or says what its words stand for, "sweat, soften: fry". A line that begins with
 * # says what the page holds.
 */
final class WordPages
{
    /**
     * @param array<string, string> $texts by the page's name
     * @return array<string, array<string, string>> what each word stands for, by page; of a list, the word itself
     *
     * @throws CatalogueError where a line says what nothing stands for, or a word stands for two things
     */
    public static function read(array $texts): array
    {
        $pages = [];
        foreach ($texts as $page => $text) {
            $pages[$page] = [];
            foreach (preg_split('/\R/u', $text) ?: [] as $number => $line) {
                if (trim($line) === '' || str_starts_with($line, '#')) {
                    continue;
                }
                [$words, $meaning] = [...explode(':', $line, 2), null];
                foreach (array_filter(array_map(trim(...), explode(',', (string) $words))) as $word) {
                    $says = $meaning === null ? $word : trim($meaning);
                    if ($says === '' || ($pages[$page][$word] ?? $says) !== $says) {
                        throw new CatalogueError(
                            "database/words/{$page}.txt, line ".($number + 1).": “{$word}” stands for "
                                .($says === '' ? 'nothing' : "“{$says}” and for “{$pages[$page][$word]}”").'.',
                        );
                    }
                    $pages[$page][$word] = $says;
                }
            }
        }

        return $pages;
    }
}
