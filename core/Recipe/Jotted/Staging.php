<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Amount\Kitchenware;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Singular;
use Vinculum\Recipe\Jotted\Reading\Divided;
use Vinculum\Recipe\Jotted\Reading\Fire;
use Vinculum\Recipe\Jotted\Reading\Lifting;
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
    public function __construct(
        private Catalogue $catalogue,
        private Kitchenware $kit,
        private array $words,
        private array $standsIn,
    ) {}

    /**
     * @param list<array{name: string, lines: list<Line>}> $groups
     * @param list<Step> $steps that are worth a stage each
     *
     * @return list<Stage>
     */
    public function of(array $groups, array $steps): array
    {
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
                    : new Process(
                        $step->kind,
                        $step->heat,
                        $step->minutes,
                        $step->until,
                        lid: $step->lid,
                        fromCold: $step->minutes !== null && $step->kind->simmers()
                            && Fire::isFromCold(mb_strtolower($step->words)) ? true : null,
                    ),
                $step->strains || $step->lifts ? new Strain($step->press) : null,
                $step->lookFor,
            );
        }

        return (new Lifting($this->catalogue, $this->names(...)))->lifted($stages, $steps);
    }

    /**
     * Steps that do something to the pot, or put something into it.
     *
     * @param list<array{name: string, lines: list<Line>}> $groups
     * @param list<Step> $steps
     *
     * @return array{list<Step>, list<string>} those, and the words of all others, which are not lost
     */
    public function worthAStage(array $groups, array $steps): array
    {
        $kept = $left = [];
        foreach ($steps as $step) {
            $puts = $step->takesAll;
            $puts = $puts || $this->namesAny($step->words, $groups);
            if ($step->kind !== ProcessKind::None || $step->strains || $step->lifts || $puts) {
                $kept[] = $step;
            } else {
                $left[] = $step->words;
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

        foreach (array_slice($merged, self::MOST_STAGES) as $beyond) {
            $left[] = $beyond->words;
        }

        return [array_slice($merged, 0, self::MOST_STAGES), $left];
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
        // "Ferment ten days": what is said of nothing is said of all of it, and what is blended later was in it
        $isOfAll = $steps[0]->kind !== ProcessKind::None && ! $this->namesAny($steps[0]->words, $groups);
        foreach ($isOfAll ? [] : $steps as $s => $step) {
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
        $divided = new Divided($this->kit, $this->names(...));
        [$lastRow, $lastAt] = [0, null];
        foreach ($groups as $group) {
            foreach ($group['lines'] as $line) {
                $parts = $divided->of($steps, $line, $group['name']);
                if ($parts !== []) {
                    foreach ($parts as [$s, $part]) {
                        $placed[$s][] = [$part, $group['name']];
                    }
                    continue;
                }
                // "the mustard seed" in one step is not the mustard powder of another
                $at = $this->namedInFull($steps, $line);
                foreach ($at === null ? $steps : [] as $s => $step) {
                    if (! $step->lifts || $step->kind !== ProcessKind::None) {
                        $words = $this->beforeLifting($step);
                        $words = $isOfAll ? self::putIn($words) : $words;
                        $at = $this->names($words, $line, $group['name']) ? $s : null;
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
    public static function singulars(string $words): string
    {
        $parts = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($words), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return ' '.implode(' ', array_map(Singular::of(...), $parts)).' ';
    }

    /**
     * @param list<array{name: string, lines: list<Line>}> $groups
     */
    private function namesAny(string $words, array $groups): bool
    {
        foreach ($groups as $group) {
            foreach ($group['lines'] as $line) {
                if ($this->names($words, $line, $group['name'])) {
                    return true;
                }
            }
        }

        return false;
    }

    /** What a sentence puts in: of "blend the chillies with the vinegar" the vinegar, of "slurry: 60 g flour" all. */
    private static function putIn(string $words): string
    {
        return preg_match('/\b(?:add|stir|whisk|fold|tip|pour|mix|beat|with|scatter|'
            .'season)\b.*$|:\s*\d.*$/iu', $words, $match) === 1
            ? $match[0]
            : '';
    }

    private function beforeLifting(Step $step): string
    {
        return (string) preg_replace(
            '/\b(?:lift|fish|take|pick|scoop)\s+out\b.*$|\b(?:remove|discard)\b.*$'
                .'|\b(?:but|except(?: for)?|apart from)\b(?:\s+the)?\s+[\p{L}\s]*?(?=[,.;]|\bin\b|$)/iu',
            '',
            $step->words,
        );
    }

    /** Whether one line alone is called so at its end: the seed, the paste. */
    private function isOnlyOne(string $noun): bool
    {
        $called = array_filter(
            $this->words,
            static fn (string $words): bool => str_ends_with(
                rtrim(self::singulars(Naming::parted($words)[0])),
                " {$noun}",
            ),
        );

        return count($called) === 1;
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
            $isForm = isset($this->catalogue->vocabulary->words['reading']['forms'][$noun]);
            $nouns[] = $isForm ? Singular::of($name[0]) : $noun;
            // "the seed", where there is no other
            $nouns[] = $isForm && $this->isOnlyOne($noun) ? $noun : '';
        }
        // "the spices", "the fruit": what the things of a kind are called together
        foreach ($ingredient->kinds ?? [] as $kind) {
            array_push($nouns, ...$this->catalogue->vocabulary->words['kinds'][$kind]['called'] ?? []);
        }
        foreach (array_unique($nouns) as $noun) {
            if ($noun !== '' && mb_strlen($noun) > 2 && str_contains($said, " {$noun} ")) {
                return true;
            }
        }
        $heading = Singular::of(
            (string) preg_replace('/^(?:for |to )?(?:the )?/iu', '', mb_strtolower($group)),
        );

        return $group !== '' && mb_strlen($heading) > 3 && str_contains($said, " {$heading} ");
    }

}
