<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/**
 * database/keeping.txt, read: what holds germs back, and how long what is in a sauce keeps. Where a line says what
 * nothing is meant by, the page is refused.
 *
 * @phpstan-type KeptFor array{
 *     fridge: int,
 *     opened: int,
 *     frozen: int,
 *     when: list<string>,
 *     makers: string,
 *     why: string,
 *     rule: string,
 * }
 * @phpstan-type Asked array{not: bool, word: string, name: string}
 * @phpstan-type KeepingRow array{name: string, of: list<Asked>, only: list<Asked>, times: list<KeptFor>}
 */
final class KeepingPage
{
    /** What a keeper may ask of a sauce. */
    public const FIGURES = ['acetic', 'salt', 'sugars', 'ph', 'activity', 'measured', 'oil', 'mustard'];

    /** What may be asked of a line by a name: its kind, a trait of it, a hazard. */
    private const BY_NAME = ['kind', 'trait', 'hazard'];

    /** What may be asked of it besides. */
    private const STATES = ['raw', 'cooked', 'prepared', 'bought', 'soaked', 'fermented', 'under-oil', 'fried-dry',
        'in-drops', 'unread', 'whole'];

    /**
     * @return array{keepers: array<string, array<string, float>>, keeping: array<string, KeepingRow>}
     *
     * @throws CatalogueError naming the line
     */
    public static function read(string $text): array
    {
        $keepers = $rows = $says = [];
        $row = '';
        $said = ['makers' => '', 'why' => '', 'rule' => ''];
        foreach (preg_split('/\R/u', $text) ?: [] as $number => $line) {
            if (trim($line) === '' || $line[0] === '#') {
                continue;
            }
            $refuse = static fn (string $why): CatalogueError => CatalogueError::at('keeping.txt', $number + 1, $why);
            [$word, $rest] = self::two($line);
            if ($word === 'keeper') {
                [$name, $asks] = self::two($rest);
                $keepers[$name] = self::figures($asks, $refuse);
            } elseif ($word === 'says') {
                [$name, $says[$name]] = self::two($rest);
            } elseif ($word === '==') {
                [$row, $name] = self::two($rest, '/\s*:\s*/');
                $said = ['makers' => '', 'why' => '', 'rule' => ''];
                $rows[$row] = ['name' => $name, 'of' => [], 'only' => [], 'times' => []];
            } elseif (! isset($rows[$row])) {
                throw $refuse("“{$word}” stands in no row");
            } elseif ($word === 'of') {
                $rows[$row]['of'] = [...$rows[$row]['of'], ...self::asked(explode(',', $rest), $refuse)];
            } elseif ($word === 'only') {
                preg_match_all('/(?:not )?(?:(?:kind|trait) )?\S+/', $rest, $found);
                $rows[$row]['only'] = self::asked($found[0], $refuse);
            } elseif ($word === 'keeps') {
                $times = self::times($rest, array_keys($keepers), $refuse);
                // kept by something, it keeps for another reason, and longer than makers say of what is not
                $why = $times['when'] === [] ? [] : ['why' => $says[$times['when'][0]] ?? '', 'makers' => ''];
                $rows[$row]['times'][] = $times + $why + $said;
            } elseif (isset($said[$word])) {
                $last = array_pop($rows[$row]['times']);
                if ($last === null) {
                    $said[$word] = trim($rest);
                } else {
                    $last[$word] = trim($rest);
                    $rows[$row]['times'][] = $last;
                }
            } else {
                throw $refuse("“{$word}” is none of keeper, says, ==, of, only, keeps, why, makers, rule");
            }
        }

        return ['keepers' => $keepers, 'keeping' => $rows];
    }

    /**
     * What stands before the first space, and what behind it.
     *
     * @return array{string, string}
     */
    private static function two(string $text, string $at = '/\s+/'): array
    {
        $parts = preg_split($at, trim($text), 2) ?: [$text];

        return [$parts[0], $parts[1] ?? ''];
    }

    /**
     * @param list<string> $words
     * @param \Closure(string): CatalogueError $refuse
     * @return list<Asked>
     */
    private static function asked(array $words, \Closure $refuse): array
    {
        $asked = [];
        foreach (array_map(trim(...), $words) as $each) {
            $isNot = str_starts_with($each, 'not ');
            [$word, $name] = self::two($isNot ? substr($each, 4) : $each);
            if (in_array($word, $name === '' ? self::STATES : self::BY_NAME, true) === false) {
                throw $refuse("“{$each}” asks for nothing that is known of a line");
            }
            $asked[] = ['not' => $isNot, 'word' => $word, 'name' => $name];
        }

        return $asked;
    }

    /**
     * @param \Closure(string): CatalogueError $refuse
     * @return array<string, float>
     */
    private static function figures(string $asks, \Closure $refuse): array
    {
        $figures = [];
        foreach (array_chunk(preg_split('/\s+/', trim($asks)) ?: [], 2) as $pair) {
            if (! in_array($pair[0], self::FIGURES, true) || ! is_numeric($pair[1] ?? null)) {
                throw $refuse('a keeper asks for '.implode(', ', self::FIGURES).', each with its number');
            }
            $figures[$pair[0]] = (float) $pair[1];
        }

        return $figures;
    }

    /**
     * @param list<string> $keepers
     * @param \Closure(string): CatalogueError $refuse
     * @return array{fridge: int, opened: int, frozen: int, when: list<string>}
     */
    private static function times(string $rest, array $keepers, \Closure $refuse): array
    {
        if (preg_match('/^(\d+) (\d+) (\d+)(?: when (.+))?$/', trim($rest), $found) !== 1) {
            throw $refuse('“keeps” is followed by days closed, days opened and months frozen, then perhaps “when”');
        }
        $when = isset($found[4]) ? explode(' ', $found[4]) : [];
        if (array_diff($when, $keepers) !== []) {
            throw $refuse('there is no keeper “'.implode(', ', array_diff($when, $keepers)).'”');
        }
        if ((int) $found[2] > (int) $found[1]) {
            throw $refuse('opened, nothing keeps longer than closed');
        }

        return [
            'fridge' => (int) $found[1],
            'opened' => (int) $found[2],
            'frozen' => (int) $found[3],
            'when' => $when,
        ];
    }
}
