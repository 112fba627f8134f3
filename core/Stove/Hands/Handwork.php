<?php

declare(strict_types=1);

namespace Vinculum\Stove\Hands;

use Vinculum\Pantry\Form;
use Vinculum\Pantry\HandsPage;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Vocabulary;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\WeighedLine;

/**
 * How long work by hand takes, by database/hands.txt: the one table that every screen's minutes come from.
 *
 * @phpstan-import-type HandsRow from HandsPage
 * @phpstan-import-type Minutes from HandsPage
 */
final readonly class Handwork
{
    /** What a blender takes over: pieces of any size will do. */
    private const FOR_THE_BLENDER = 0.6;

    /** A tenth of a lemon more is no lemon more. */
    private const HARDLY = 0.1;

    private const ML_A_LITRE = 1000.0;

    public function __construct(private Vocabulary $vocabulary) {}

    /**
     * Minutes of a task of the whole; 0 where there is no such task.
     *
     * @param float $each things or jars
     */
    public function task(string $task, float $each = 0.0, float $millilitres = 0.0): float
    {
        $minutes = $this->vocabulary->words['hands']['tasks'][$task] ?? [];

        return ($minutes['once'] ?? 0.0)
            + ($minutes['each'] ?? 0.0) * $each
            + ($minutes['litre'] ?? 0.0) * ($millilitres / self::ML_A_LITRE) ** ($minutes['power'] ?? 1.0);
    }

    /**
     * What is done to a line before it goes in; null where that is nothing.
     *
     * @param bool $isBlended whether a blender takes it up
     */
    public function of(WeighedLine $line, bool $isBlended = false): ?LineWork
    {
        $thing = $line->ingredient;
        if ($thing === null || $line->grams <= 0.0) {
            return null;
        }
        $rows = $this->rows($thing);
        [$said, $nots, $degree] = $this->said($line->line->prep ?? '');
        $isKnown = $rows[0]['things'] !== [] || $rows[0]['kinds'] !== [];
        // who writes “cumin, ground” has it so in a jar; who toasts it first grinds it
        $isAsItIs = $thing->form === Form::Liquid || ($thing->is('ground') && array_diff($said, ['ground']) === []);
        if (in_array(HandsPage::ALL, $nots, true) || (! $isKnown && $isAsItIs)) {
            return null;
        }
        $works = [...$this->first($rows, 'always'), ...$said];
        $cuts = $this->vocabulary->words['hands']['cuts'];
        $isCut = array_intersect($said, $cuts) !== [];
        if (! $isCut && ($said === [] || $degree !== null) && $line->line->handling === Handling::In) {
            $works = [...$works, ...$this->first($rows, 'usual')];
            $degree ??= $isBlended ? self::FOR_THE_BLENDER : 1.0;
        }
        $degree ??= 1.0;
        $works = $this->withOneCut(array_values(array_diff(array_unique($works), $nots)), $rows, $line);
        if ($works === []) {
            return null;
        }
        $once = [];
        $minutes = 0.0;
        foreach ($works as $work) {
            $takes = $this->minutes($rows, $work);
            $once += ($takes['once'] ?? 0.0) > 0.0 ? [$work => $takes['once']] : [];
            $minutes += $this->each($takes, $line) * (in_array($work, $cuts, true) ? $degree : 1.0);
        }
        $row = array_values(array_filter($rows, static fn (array $row): bool => $row['once'] > 0.0))[0] ?? null;

        return new LineWork(
            $works,
            $once + ($row === null ? [] : [implode(' ', [...$row['kinds'], ...$row['things']]) => $row['once']]),
            $minutes,
        );
    }

    /**
     * What the words of a line say is done to it, what they say is not, and how much longer a cut takes for them.
     *
     * @return array{list<string>, list<string>, float|null}
     */
    private function said(string $prep): array
    {
        $hands = $this->vocabulary->words['hands'];
        preg_match_all('/[\p{L}-]+/u', mb_strtolower($prep), $found);
        $said = $nots = [];
        $degree = null;
        $isNext = false;
        foreach ($found[0] as $word) {
            $work = $hands['words'][$word] ?? null;
            $not = $hands['nots'][$word] ?? ($isNext ? $work : null);
            if ($work !== null && ! $isNext) {
                $said[] = $work;
            }
            if ($not !== null) {
                $nots[] = $not;
            }
            $isNext = $not === HandsPage::NEXT;
            $degree ??= $hands['degrees'][$word] ?? null;
        }

        return [array_values(array_unique($said)), $nots, $degree];
    }

    /**
     * The rows that speak of a thing, the one that means it most closely first, and what is true of anything last.
     *
     * @return non-empty-list<HandsRow>
     */
    private function rows(Ingredient $thing): array
    {
        $near = [];
        foreach ($this->vocabulary->words['hands']['rows'] as $row) {
            $isAny = $row['things'] === [] && $row['kinds'] === [];
            $kinds = array_keys(array_intersect($thing->kinds, $row['kinds']));
            $far = match (true) {
                in_array($thing->slug, $row['things'], true) => -1,
                $kinds !== [] => min($kinds),
                $isAny => PHP_INT_MAX,
                default => null,
            };
            if ($far !== null) {
                $near[] = [$far, $row];
            }
        }
        usort($near, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($near, 1) ?: throw new \LogicException('The table of work by hand is empty.');
    }

    /**
     * @param non-empty-list<HandsRow> $rows
     * @param 'always'|'usual' $what
     * @return list<string>
     */
    private function first(array $rows, string $what): array
    {
        foreach ($rows as $row) {
            if ($row[$what] !== null) {
                return $row[$what];
            }
        }

        return [];
    }

    /**
     * @param non-empty-list<HandsRow> $rows
     * @return Minutes
     */
    private function minutes(array $rows, string $work): array
    {
        foreach ($rows as $row) {
            if (isset($row['works'][$work])) {
                return $row['works'][$work];
            }
        }

        return [];
    }

    /** @param Minutes $takes */
    private function each(array $takes, WeighedLine $line): float
    {
        return ($takes['each'] ?? 0.0) * $this->pieces($line) + ($takes['100g'] ?? 0.0) * $line->grams / 100;
    }

    /** How many there are of it; half of one is peeled as one is. */
    private function pieces(WeighedLine $line): float
    {
        foreach ($line->ingredient->portions ?? [] as $portion) {
            $words = preg_split('/[^\p{L}]+/u', $portion->name) ?: [];
            if (array_intersect($words, $this->vocabulary->words['hands']['no-piece']) === []) {
                return max(1.0, ceil($line->grams / $portion->grams - self::HARDLY));
            }
        }

        return 1.0;
    }

    /**
     * @param list<string> $works
     * @param non-empty-list<HandsRow> $rows
     * @return list<string>
     */
    private function withOneCut(array $works, array $rows, WeighedLine $line): array
    {
        $hands = $this->vocabulary->words['hands'];
        $cuts = array_values(array_intersect($works, $hands['cuts']));
        $byMachine = array_values(array_intersect($cuts, $hands['machine']));
        $cuts = $byMachine === [] ? $cuts : $byMachine;
        usort(
            $cuts,
            fn (string $a, string $b): int => $this->each($this->minutes($rows, $b), $line)
                <=> $this->each($this->minutes($rows, $a), $line),
        );

        return [...array_values(array_diff($works, $hands['cuts'])), ...array_slice($cuts, 0, 1)];
    }
}
