<?php

declare(strict_types=1);

namespace App\Recipes;

/** Where a maker gets to by a word: database/doors.txt. */
final class Doors
{
    /** Doors shown at most. */
    private const MOST = 4;

    /** Where a sauce is chosen. */
    private const CHOOSE = '/shelf';

    /** Letters from which a word is looked for. */
    private const LETTERS = 2;

    /**
     * @param string $typed "print it", "twice as much"
     * @param string $recipe the one on the screen; '' for none
     * @return list<array{name: string, text: string, to: string}> best first
     */
    public static function for(string $typed, string $recipe): array
    {
        $words = self::words($typed);
        $found = [];
        foreach (file(database_path('doors.txt'), FILE_IGNORE_NEW_LINES) ?: [] as $place => $line) {
            if ($line === '' || $line[0] === '#') {
                continue;
            }
            if ($line[0] === '~') {
                $words = array_values(array_diff($words, self::words($line)));

                continue;
            }
            [$addresses, $name, $text, $known] = array_map(trim(...), explode(' : ', $line, 4));
            $to = self::address($addresses, $recipe);
            // what is of one sauce begins with choosing it
            $isChosenFirst = $to === self::CHOOSE && str_contains((string) $addresses, '{recipe}');
            $text = $isChosenFirst ? "{$text}; choose the sauce first" : $text;
            $score = self::score($words, self::words($name), self::words($known));
            if ($to !== null && $score > 0) {
                $found[] = ['score' => $score, 'place' => $place, 'door' => compact('name', 'text', 'to')];
            }
        }
        usort($found, static fn (array $a, array $b): int => [$b['score'], $a['place']] <=> [$a['score'], $b['place']]);

        return array_slice(array_column($found, 'door'), 0, self::MOST);
    }

    private static function address(string $addresses, string $recipe): ?string
    {
        [$of, $without] = [...array_map(trim(...), explode(' | ', $addresses)), null];
        if (! str_contains((string) $of, '{recipe}')) {
            return $of;
        }

        return $recipe === '' ? $without : str_replace('{recipe}', rawurlencode($recipe), (string) $of);
    }

    /**
     * @param list<string> $typed
     * @param list<string> $name
     * @param list<string> $known
     */
    private static function score(array $typed, array $name, array $known): int
    {
        $score = 0;
        foreach ($typed as $word) {
            $begins = static fn (string $other): bool => str_starts_with($other, $word)
                // "printing" is print
                || (strlen($other) > 3 && str_starts_with($word, $other));
            $score += (array_filter($name, $begins) !== [] ? 2 : 0)
                + (array_filter($known, $begins) !== [] ? 1 : 0)
                + (in_array($word, $known, true) ? 1 : 0);
        }

        return $score;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return array_values(array_filter(
            preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text)) ?: [],
            static fn (string $word): bool => mb_strlen($word) >= self::LETTERS,
        ));
    }
}
