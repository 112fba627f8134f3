<?php

declare(strict_types=1);

namespace Vinculum\Plan;

use Vinculum\Pantry\Vocabulary;
use Vinculum\Recipe\Jotted\Reading\Times;

/**
 * What a sauce is for, on the same clock: "chicken on the grill 25 min, rests 5", "lamb: marinate 4 h, grill 12 min".
 * What each verb wants, hands or a ring or nothing, stands in database/words/meal.txt.
 *
 * @phpstan-type Part array{label: string, minutes: float, is: string}
 */
final readonly class Beside
{
    /** Minutes by hand to put something on, and to take it off; common practice, no source. */
    private const PUT_ON = 2.0;
    private const TAKE_OFF = 1.0;

    /** What is on the heat for no longer than this is stood by, minutes; judgement. */
    private const STOOD_BY = 6.0;

    /** What stands by itself may stand so much longer, as a share; what has rested, so many minutes; judgement. */
    private const LONGER = 0.5;
    private const STANDS = 5.0;

    /** "rests 5": minutes, where no unit is said. */
    private const BARE = '/^\d+(?:[.,]\d+)?$/';

    /** @param non-empty-list<Part> $parts in order */
    private function __construct(public string $name, public array $parts) {}

    /** @throws UnreadableTime where nothing in it is said for how long */
    public static function read(string $text, Vocabulary $vocabulary): self
    {
        $name = '';
        $parts = [];
        $waiting = [];
        $said = explode(':', $text, 2);
        // "pulled pork: oven 8 h" says itself what it is
        [$name, $rest] = count($said) === 2 ? [trim($said[0]), $said[1]] : ['', $text];
        foreach (self::clauses($rest) as $clause) {
            // "burgers on the grill, 8 min" is one thing that is done
            $words = [...$waiting, ...preg_split('/\s+/u', $clause) ?: []];
            [$time, $minutes] = self::time($words);
            $verb = self::verbNear($words, $time ?? 0, $vocabulary);
            $name = $name === '' ? self::named($words, $verb, $time, $vocabulary) : $name;
            $waiting = $minutes === null && $verb !== null ? $words : [];
            if ($minutes !== null) {
                $parts[] = [
                    'label' => $verb === null ? implode(' ', $words) : $words[$verb],
                    'minutes' => $minutes,
                    'is' => $verb === null ? 'alone' : self::meant($words[$verb], $vocabulary),
                ];
            }
        }
        if ($parts === []) {
            throw UnreadableTime::unsaid($text);
        }

        return new self($name === '' ? $parts[0]['label'] : $name, $parts);
    }

    /**
     * @param int $place its number among what is made
     * @return list<Task> in order
     */
    public function tasks(int $place): array
    {
        $tasks = [];
        foreach ($this->parts as $part) {
            $on = match ($part['is']) {
                'ring', 'oven', 'grill' => $part['is'],
                'fire' => 'grill',
                default => null,
            };
            $minutes = $part['minutes'];
            $hands = static fn (string $label, float $takes, ?float $wait): Task
                => new Task($place, [], 'hands', $label, null, $takes, true, null, $wait);
            if ($part['is'] === 'hands') {
                $tasks[] = $hands($part['label'], $minutes, null);
            } elseif ($on !== null && $minutes <= self::STOOD_BY) {
                $tasks[] = new Task($place, [], 'hands', $part['label'], null, $minutes, true, $on, 0.0);
            } elseif ($on !== null) {
                $tasks[] = $hands($part['is'] === 'fire' ? 'light it' : 'put it on', self::PUT_ON, 0.0);
                $tasks[] = new Task($place, [], 'heat', $part['label'], null, $minutes, false, $on, self::TAKE_OFF);
                $tasks = [...$tasks, ...$part['is'] === 'fire' ? [] : [$hands('take it off', self::TAKE_OFF, 0.0)]];
            } elseif ($part['is'] === 'rest') {
                $tasks[] = new Task($place, [], 'rest', $part['label'], null, $minutes, false, null, self::STANDS);
            } else {
                $tasks[] = $hands('begin it', self::PUT_ON, 0.0);
                $tasks[] = new Task(
                    $place,
                    [],
                    'wait',
                    $part['label'],
                    null,
                    $minutes,
                    false,
                    null,
                    self::LONGER * $minutes,
                );
            }
        }

        return $tasks;
    }

    /**
     * "roasts 1½ hours and rests 20 minutes" is two; "wash and cut 10 min" is one.
     *
     * @return list<string> in small letters
     */
    private static function clauses(string $text): array
    {
        $clauses = [];
        foreach (preg_split('/\s*[,;\n]\s*|\s+then\s+/u', mb_strtolower(trim($text))) ?: [] as $clause) {
            $parts = explode(' and ', $clause);
            $areTwo = count(array_filter(
                $parts,
                static fn (string $part): bool => self::time(explode(' ', $part))[1] !== null,
            )) === count($parts);
            $clauses = [...$clauses, ...$areTwo ? $parts : [$clause]];
        }

        return $clauses;
    }

    /**
     * Where a time begins, and how long it is; nulls where none is said.
     *
     * @param list<string> $words
     * @return array{int|null, float|null} its place, and minutes
     */
    private static function time(array $words): array
    {
        $minutes = Times::minutes(implode(' ', $words));
        if ($minutes !== null && $minutes > 0.0) {
            $begins = 0;
            while (isset($words[$begins + 1])
                && Times::minutes(implode(' ', array_slice($words, $begins + 1))) === $minutes) {
                $begins++;
            }

            return [$begins, $minutes];
        }
        foreach ($words as $i => $word) {
            if (preg_match(self::BARE, $word) === 1 && (float) strtr($word, ',', '.') > 0.0) {
                return [$i, (float) strtr($word, ',', '.')];
            }
        }

        return [null, null];
    }

    /**
     * Place of the verb that stands nearest to the time; null where there is none.
     *
     * @param list<string> $words
     */
    private static function verbNear(array $words, int $time, Vocabulary $vocabulary): ?int
    {
        $near = null;
        foreach ($words as $i => $word) {
            if (self::meant($word, $vocabulary) !== '' && ($near === null || abs($i - $time) < abs($near - $time))) {
                $near = $i;
            }
        }

        return $near;
    }

    /**
     * What it is: the words before what is done with it and for how long, or behind a verb that begins.
     *
     * @param list<string> $words
     */
    private static function named(array $words, ?int $verb, ?int $time, Vocabulary $vocabulary): string
    {
        $begins = $verb === 0 ? 1 : 0;
        $ends = min($verb === null || $verb === 0 ? count($words) : $verb, $time ?? count($words));
        $named = array_slice($words, $begins, max(0, $ends - $begins));
        $connects = $vocabulary->words['reading']['connecting'];
        while ($named !== [] && isset($connects[$named[count($named) - 1]])) {
            array_pop($named);
        }
        while ($named !== [] && isset($connects[$named[0]])) {
            array_shift($named);
        }

        return implode(' ', $named);
    }

    /** What a verb in whatever form wants; nothing for what is none. */
    private static function meant(string $word, Vocabulary $vocabulary): string
    {
        $meal = $vocabulary->words['reading']['meal'];
        $word = (string) preg_replace('/[^\p{L}-]/u', '', $word);
        $forms = [$word, preg_replace('/(?<=\p{L})s$/u', '', $word), preg_replace('/ie[sd]$/u', 'y', $word)];
        foreach (['ed', 'ing', 'es'] as $ending) {
            $stem = str_ends_with($word, $ending) ? substr($word, 0, -strlen($ending)) : $word;
            $forms = [...$forms, $stem, "{$stem}e", preg_replace('/(\p{L})\1$/u', '$1', $stem)];
        }
        foreach ($forms as $form) {
            if (isset($meal[(string) $form])) {
                return $meal[(string) $form];
            }
        }

        return '';
    }
}
