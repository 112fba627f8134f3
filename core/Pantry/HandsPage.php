<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/**
 * database/hands.txt, read: how long work by hand takes. Where a line says what nothing is meant by, the page is
 * refused.
 *
 * @phpstan-type Minutes array{once?: float, each?: float, '100g'?: float, litre?: float, power?: float}
 * @phpstan-type HandsRow array{
 *     kinds: list<string>,
 *     things: list<string>,
 *     once: float,
 *     always: list<string>|null,
 *     usual: list<string>|null,
 *     works: array<string, Minutes>,
 * }
 * @phpstan-type HandsArray array{
 *     tasks: array<string, Minutes>,
 *     words: array<string, string>,
 *     degrees: array<string, float>,
 *     nots: array<string, string>,
 *     rows: list<HandsRow>,
 *     cuts: list<string>,
 *     machine: list<string>,
 *     'no-piece': list<string>,
 * }
 */
final class HandsPage
{
    /** What minutes may be said by. */
    private const BY = ['once', 'each', '100g', 'litre', 'power'];

    /** Beside which no work is meant: nothing at all is to be done. */
    private const NONE = 'none';

    /** That no work is left of. */
    public const ALL = 'all';

    /** That what is named next is not done. */
    public const NEXT = 'next';

    /**
     * @return array{hands: HandsArray}
     *
     * @throws CatalogueError naming the line
     */
    public static function read(string $text): array
    {
        $hands = ['tasks' => [], 'words' => [], 'degrees' => [], 'nots' => [],
            'cuts' => [], 'machine' => [], 'no-piece' => []];
        /** @var array<int, HandsRow> $rows */
        $rows = [];
        $row = -1;
        $lines = preg_split('/\R/u', (string) preg_replace('/,\s*\R\s+/u', ', ', $text)) ?: [];
        foreach ($lines as $number => $line) {
            if (trim($line) === '' || $line[0] === '#') {
                continue;
            }
            $refuse = static fn (string $why): CatalogueError => CatalogueError::at('hands.txt', $number + 1, $why);
            [$word, $rest] = self::two($line);
            if ($word === 'task') {
                [$name, $says] = self::two($rest);
                $hands['tasks'][$name] = self::minutes($says, $refuse);
            } elseif (in_array($word, ['word', 'not', 'degree'], true)) {
                [$name, $says] = self::two($rest);
                foreach (self::listed($says) as $said) {
                    match ($word) {
                        'word' => $hands['words'][$said] = $name,
                        'not' => $hands['nots'][$said] = $name,
                        'degree' => $hands['degrees'][$said] = (float) $name,
                    };
                }
            } elseif (in_array($word, ['cuts', 'machine', 'no-piece'], true)) {
                $hands[$word] = self::listed($rest);
            } elseif ($word === '==') {
                $rows[++$row]
                    = ['kinds' => [], 'things' => [], 'once' => 0.0, 'always' => null, 'usual' => null, 'works' => []];
            } elseif ($row < 0) {
                throw $refuse("“{$word}” stands in no row");
            } else {
                $rows[$row] = self::said($rows[$row], $word, $rest, $hands['words'], $refuse);
            }
        }

        return ['hands' => $hands + ['rows' => array_values($rows)]];
    }

    /**
     * @param HandsRow $row
     * @param array<string, string> $words
     * @param \Closure(string): CatalogueError $refuse
     * @return HandsRow
     */
    private static function said(array $row, string $word, string $rest, array $words, \Closure $refuse): array
    {
        if ($word === 'of') {
            foreach (self::listed($rest) as $each) {
                [$by, $name] = self::two($each);
                match ($by) {
                    'kind' => $row['kinds'][] = $name,
                    'thing' => $row['things'][] = $name,
                    default => throw $refuse("“{$each}” is neither a kind nor a thing"),
                };
            }
        } elseif ($word === 'once') {
            $row['once'] = (float) $rest;
        } elseif ($word === 'always' || $word === 'usual') {
            $works = array_values(array_diff(self::listed($rest), [self::NONE]));
            if (array_diff($works, $words) !== []) {
                throw $refuse('there is no work “'.implode(', ', array_diff($works, $words)).'”');
            }
            $row[$word] = $works;
        } elseif (in_array($word, $words, true)) {
            $row['works'][$word] = self::minutes($rest, $refuse);
        } else {
            throw $refuse("“{$word}” is none of of, once, always, usual, and no work");
        }

        return $row;
    }

    /**
     * What stands before the first space, and what behind it.
     *
     * @return array{string, string}
     */
    private static function two(string $text): array
    {
        $parts = preg_split('/\s+/', trim($text), 2) ?: [$text];

        return [$parts[0], $parts[1] ?? ''];
    }

    /** @return list<string> */
    private static function listed(string $text): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', $text))));
    }

    /**
     * @param \Closure(string): CatalogueError $refuse
     * @return Minutes
     */
    private static function minutes(string $says, \Closure $refuse): array
    {
        $minutes = [];
        foreach (array_chunk(preg_split('/\s+/', trim($says)) ?: [], 2) as $pair) {
            if (! in_array($pair[0], self::BY, true) || ! is_numeric($pair[1] ?? null)) {
                throw $refuse('minutes are said by '.implode(', ', self::BY).', each with its number');
            }
            $minutes[$pair[0]] = (float) $pair[1];
        }

        return $minutes;
    }
}
