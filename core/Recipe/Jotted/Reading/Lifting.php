<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Form;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\Jotted\Staging;
use Vinculum\Recipe\Jotted\Step;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Stage;

/** What comes out of the pot again: lifted out by its name or by what it comes in, or left behind in a sieve. */
final readonly class Lifting
{
    /** @param \Closure(string, Line, string): bool $names whether words name a line, or the part it stands in */
    public function __construct(private Catalogue $catalogue, private \Closure $names) {}

    /**
     * What a step lifts out again is steeped, wherever it went in.
     *
     * @param list<Stage> $stages
     * @param list<Step> $steps
     *
     * @return list<Stage>
     */
    public function lifted(array $stages, array $steps): array
    {
        $stages = $this->strained($stages, $steps);
        foreach ($steps as $s => $step) {
            if (
                ! $step->lifts
                || preg_match(
                    '/\b(?:(?:lift|fish|take|pick|scoop|pull)\b[^.;]*\bout|remove|discard)\b([^;]*)/iu',
                    $step->words,
                    $match,
                ) !== 1
            ) {
                continue;
            }
            $what = $this->bagged($match[0], $steps);
            foreach ($stages as $i => $stage) {
                if ($i > $s) {
                    break;
                }
                $stages[$i] = $stage->withLines(
                    array_map(
                        fn (Line $line): Line => $this->isLifted($what, $line)
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
     * "Fish out the bag": what was tied in it.
     *
     * @param list<Step> $steps
     */
    private function bagged(string $words, array $steps): string
    {
        if (preg_match('/\b(?:bag|muslin|bundle|cloth)\b/iu', $words) !== 1) {
            return $words;
        }
        foreach ($steps as $step) {
            $tied = '/([^,.;]+?)\s+(?:tied|wrapped|bundled|in (?:a |some )?(?:muslin|bag|cloth))\b/iu';
            if (preg_match($tied, $step->words, $match) === 1) {
                return (string) preg_replace('/^.*\band\b/iu', '', $match[1]);
            }
        }

        return $words;
    }

    /**
     * Whether what is lifted out is this: by its name, or by what it comes in, the sprigs, the pods. What is left of a
     * fruit that was pressed is not its juice.
     */
    private function isLifted(string $words, Line $line): bool
    {
        $thing = $this->catalogue->find($line->ingredient);
        $words = $thing?->form === Form::Liquid
            ? (string) preg_replace('/\p{L}+\s+(?:shell|half|halve|skin|husk|rind)s?\b/iu', '', $words)
            : $words;
        $said = Staging::singulars($words);
        foreach ($thing->portions ?? [] as $portion) {
            $isIn = str_contains(Staging::singulars($line->amount ?? ''), " {$portion->name} ");
            if ($isIn && str_contains($said, " {$portion->name} ")) {
                return true;
            }
        }

        return ($this->names)($words, $line, '');
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
