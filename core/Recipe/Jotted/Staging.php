<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Singular;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Process;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Strain;

/**
 * Lines and steps as stages: a line goes in where the method names it, and where none does, with the first thing that
 * is cooked.
 */
final readonly class Staging
{
    public const MOST_STAGES = 12;

    /**
     * @param array<string, string> $words what each line was called, by id
     * @param array<string, int> $standsIn the line of the text each stands in, by id
     */
    public function __construct(private Catalogue $catalogue, private array $words, private array $standsIn) {}

    /**
     * @param list<array{name: string, lines: list<Line>}> $groups
     * @param list<Step> $steps
     *
     * @return list<Stage>
     */
    public function of(array $groups, array $steps): array
    {
        $steps = $this->worthAStage($groups, $steps);
        if ($steps === []) {
            $stages = [];
            foreach ($groups as $i => $group) {
                if ($group['lines'] !== [] || $i > 0) {
                    $stages[] = new Stage('s'.($i + 1), $group['name'], $group['lines']);
                }
            }

            return $stages;
        }
        $placed = $this->placed($groups, $steps);
        $stages = [];
        foreach ($steps as $s => $step) {
            $names = array_values(
                array_unique(array_map(static fn (array $of): string => $of[1], $placed[$s] ?? [])),
            );
            $lines = array_map(static fn (array $of): Line => $of[0], $placed[$s] ?? []);
            $stages[] = new Stage(
                's'.($s + 1),
                count($names) === 1 ? $names[0] : '',
                $lines,
                $step->kind === ProcessKind::None
                    ? null
                    : new Process($step->kind, $step->heat, $step->minutes, $step->until, lid: $step->lid),
                $step->strains || $step->lifts ? new Strain($step->press) : null,
                $step->lookFor,
            );
        }

        return $this->lifted($stages, $steps);
    }

    /**
     * Steps that do something to the pot, or put something into it.
     *
     * @param list<array{name: string, lines: list<Line>}> $groups
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private function worthAStage(array $groups, array $steps): array
    {
        $kept = [];
        foreach ($steps as $step) {
            $puts = $step->takesAll;
            foreach ($groups as $group) {
                foreach ($group['lines'] as $line) {
                    $puts = $puts || $this->names($step->words, $line, $group['name']);
                }
            }
            if ($step->kind !== ProcessKind::None || $step->strains || $step->lifts || $puts) {
                $kept[] = $step;
            }
        }
        // what is stirred together before it is cooked is one stage with the cooking
        $merged = [];
        foreach ($kept as $i => $step) {
            $last = $merged === [] ? null : $merged[count($merged) - 1];
            $isSameStage
                = $last !== null
                && $last->kind === ProcessKind::None
                && ! $last->strains
                && ! $last->lifts
                && in_array(
                    $step->kind,
                    [
                        ProcessKind::None,
                        ProcessKind::Simmer,
                        ProcessKind::Boil,
                        ProcessKind::Fry,
                        ProcessKind::Warm,
                        ProcessKind::Roast,
                        ProcessKind::Blend,
                    ],
                    true,
                )
                && preg_match('/\boff the heat\b|\bat the end\b|\bto finish\b/iu', $last->words) !== 1;
            if ($isSameStage) {
                $merged[count($merged) - 1] = $last->and($step);
            } else {
                $merged[] = $step;
            }
        }

        return count($merged) > self::MOST_STAGES ? array_slice($merged, 0, self::MOST_STAGES) : $merged;
    }

    /**
     * @param list<array{name: string, lines: list<Line>}> $groups
     * @param list<Step> $steps
     *
     * @return array<int, list<array{Line, string}>> lines and their group's name, by step
     */
    private function placed(array $groups, array $steps): array
    {
        $first = 0;
        foreach ($steps as $s => $step) {
            if (in_array($step->kind, [ProcessKind::Simmer, ProcessKind::Boil, ProcessKind::Warm], true)) {
                $first = $s;
                break;
            }
        }
        $all = null;
        foreach ($steps as $s => $step) {
            $all = $step->takesAll ? $all ?? $s : $all;
        }
        $placed = [];
        [$lastRow, $lastAt] = [0, null];
        foreach ($groups as $group) {
            foreach ($group['lines'] as $line) {
                // "the mustard seed" in one step is not the mustard powder of another
                $at = $this->namedInFull($steps, $line);
                foreach ($at === null ? $steps : [] as $s => $step) {
                    if (! $step->lifts || $step->kind !== ProcessKind::None) {
                        $at = $this->names($this->beforeLifting($step), $line, $group['name']) ? $s : null;
                    }
                    if ($at !== null) {
                        break;
                    }
                }
                // "cornflour mixed with water": what stands with it goes in with it
                $row = $this->standsIn[$line->id] ?? 0;
                $at ??= $row > 0 && $row === $lastRow ? $lastAt : null;
                [$lastRow, $lastAt] = [$row, $at];
                $placed[$at ?? ($all ?? $first)][] = [$line, $group['name']];
            }
        }

        return $placed;
    }

    /**
     * The first step that says a name of several words from end to end.
     *
     * @param list<Step> $steps
     */
    private function namedInFull(array $steps, Line $line): ?int
    {
        $called = self::singulars(Naming::parted($this->words[$line->id] ?? '')[0]);
        if (substr_count($called, ' ') < 3) {
            return null;
        }
        foreach ($steps as $s => $step) {
            $puts = ! $step->lifts || $step->kind !== ProcessKind::None;
            if ($puts && str_contains(self::singulars($this->beforeLifting($step)), $called)) {
                return $s;
            }
        }

        return null;
    }

    /** " mustard seed ", each word by itself and a space at either end. */
    private static function singulars(string $words): string
    {
        $parts = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($words), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return ' '.implode(' ', array_map(Singular::of(...), $parts)).' ';
    }

    private function beforeLifting(Step $step): string
    {
        return (string) preg_replace(
            '/\b(?:lift|fish|take|pick|scoop)\s+out\b.*$|\b(?:remove|discard)\b.*$/iu',
            '',
            $step->words,
        );
    }

    /** Whether words name a line, by its noun, by its kind, or by the heading it stands under. */
    private function names(string $words, Line $line, string $group): bool
    {
        $said = self::singulars($words);
        $ingredient = $this->catalogue->find($line->ingredient);
        $called
            = preg_split(
                '/[^\p{L}\p{N}]+/u',
                mb_strtolower(Naming::parted($this->words[$line->id] ?? '')[0]),
                -1,
                PREG_SPLIT_NO_EMPTY,
            )
            ?: [];
        $nouns = [];
        foreach (
            [
                $called,
                explode(' ', mb_strtolower((string) preg_replace('/,.*$/u', '', $ingredient->name ?? ''))),
            ] as $name
        ) {
            $noun = Singular::of((string) end($name));
            // of "cider vinegar" vinegar, of "soy sauce" soy
            $nouns[] = in_array($noun, $this->catalogue->vocabulary->words['reading']['forms'], true)
                ? Singular::of($name[0])
                : $noun;
        }
        $kinds
            = ['spices' => ['spice'], 'blends' => ['spice'], 'fruit' => ['fruit'], 'sugars' => ['sweetener']][
                $ingredient->group ?? ''
            ] ?? [];
        if ($ingredient?->is('chilli') === true) {
            $kinds[] = 'chilli';
        }
        foreach (array_unique([...$nouns, ...$kinds]) as $noun) {
            if ($noun !== '' && mb_strlen($noun) > 2 && str_contains($said, " {$noun} ")) {
                return true;
            }
        }
        $heading = Singular::of(
            (string) preg_replace('/^(?:for |to )?(?:the )?/iu', '', mb_strtolower($group)),
        );

        return $group !== '' && mb_strlen($heading) > 3 && str_contains($said, " {$heading} ");
    }

    /**
     * What a step lifts out again is steeped, wherever it went in.
     *
     * @param list<Stage> $stages
     * @param list<Step> $steps
     *
     * @return list<Stage>
     */
    private function lifted(array $stages, array $steps): array
    {
        $stages = $this->strained($stages, $steps);
        foreach ($steps as $s => $step) {
            if (
                ! $step->lifts
                || preg_match(
                    '/\b(?:(?:lift|fish|take|pick|scoop|pull)\b[^.]*\bout|remove|discard)\b(.*)$/iu',
                    $step->words,
                    $match,
                ) !== 1
            ) {
                continue;
            }
            foreach ($stages as $i => $stage) {
                if ($i > $s) {
                    break;
                }
                $stages[$i] = $stage->withLines(
                    array_map(
                        fn (Line $line): Line => $this->names($match[0], $line, '')
                            ? $line->handled(self::liftedAs($line->prep))
                            : $line,
                        $stage->lines,
                    ),
                );
            }
        }

        return $stages;
    }

    /**
     * What is strained and neither blended nor pushed through loses its pieces.
     *
     * @param list<Stage> $stages
     * @param list<Step> $steps
     *
     * @return list<Stage>
     */
    private function strained(array $stages, array $steps): array
    {
        foreach ($steps as $s => $step) {
            if ($step->kind === ProcessKind::Blend) {
                break;
            }
            if (! $step->strains || $step->press > 0.0) {
                continue;
            }
            $before = array_map(
                fn (Stage $stage): Stage => $stage->withLines(array_map(
                    fn (Line $line): Line => $this->catalogue->find($line->ingredient)?->form === Form::Pieces
                        ? $line->handled(self::liftedAs($line->prep))
                        : $line,
                    $stage->lines,
                )),
                array_slice($stages, 0, $s + 1),
            );
            $stages = [...$before, ...array_slice($stages, $s + 1)];
            break;
        }

        return $stages;
    }

    /** What is whole gives less to the pot than what is cut. */
    public static function liftedAs(?string $preparation): Handling
    {
        return preg_match('/\bwhole\b/iu', $preparation ?? '') === 1 ? Handling::Whole : Handling::Steeped;
    }
}
