<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Recipe\Edit;
use Vinculum\Recipe\Process;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;

/** What was done longer, shorter or not at all, as somebody says it who made a recipe otherwise. */
final readonly class DoneOtherwise
{
    /** @param array<string, float> $minutes that each stage takes as it is written, by its id */
    public function __construct(private Lexicon $lexicon, private Roles $roles, private array $minutes) {}

    /**
     * How long it took.
     *
     * @param bool $isThing whether something that is in it is spoken of
     * @param float|null $was minutes it is written with
     */
    public function times(Recipe $recipe, string $said, bool $isThing, ?float $was = null): ?Recipe
    {
        $minutes = Times::minutes($said);
        if ($minutes === null || $isThing && preg_match('/\bmin|\bh(?:our|r)?s?\b/u', $said) !== 1) {
            return null;
        }
        $stage = $this->stage($recipe, $said, $was);
        if ($stage?->process === null) {
            return null;
        }
        $way = $this->roles->way($said);
        $takes = $stage->process->minutes ?? $this->minutes[$stage->id] ?? 0.0;

        // so long, however far that got it
        return Edit::done($recipe, $stage->id, $stage->process->ending(
            max(1.0, $way === 0 ? $minutes : $takes + $way * $minutes),
            null,
        ));
    }

    /** Which stage is spoken of: the one that is named, the one that takes so long, else the one that boils longest. */
    private function stage(Recipe $recipe, string $said, ?float $was): ?Stage
    {
        $kinds = $this->kinds($said);
        $best = null;
        foreach ($recipe->stages as $stage) {
            $process = $stage->process;
            if ($process === null) {
                continue;
            }
            $takes = $process->minutes ?? $this->minutes[$stage->id] ?? 0.0;
            $score = ($process->kind->simmers() ? 1000.0 : 0.0) + $takes;
            $score += $was !== null && abs($takes - $was) < 0.5 ? 1e6 : 0.0;
            foreach ($kinds as $kind) {
                $score += $kind === $process->kind || ($kind->simmers() && $process->kind->simmers()) ? 1e5 : 0.0;
            }
            $best = $best === null || $score > $best[1] ? [$stage, $score] : $best;
        }

        return $best[0] ?? null;
    }

    /** What is done otherwise: not blended, the lid on, on a low heat. */
    public function doing(Recipe $recipe, string $said): ?Recipe
    {
        $kinds = $this->kinds($said);
        $isNot = preg_match("/\\b(?:not|no|without|didn't|never|un)\\b|\\bun(?=\\p{L}+ed\\b)/u", $said) === 1;
        foreach ($kinds as $kind) {
            foreach ($recipe->stages as $stage) {
                if ($stage->process?->kind === $kind) {
                    return $isNot ? Edit::done($recipe, $stage->id, null) : null;
                }
            }
            if (! $isNot && in_array($kind, [ProcessKind::Blend, ProcessKind::Flame], true)) {
                return Edit::then($recipe, new Process($kind));
            }
        }
        $stage = $this->stage($recipe, $said, null);
        $process = $stage?->process;
        $heat = preg_match('/\b(?:heat|flame|simmer\w*|boil\w*|cook\w*)\b/u', $said) === 1 ? Fire::heat($said) : null;
        $isLid = preg_match('/\blid\b|\bcovered\b|\buncovered\b/u', $said) === 1;
        if ($stage === null || $process === null || ($heat === null && ! $isLid)) {
            return null;
        }

        return Edit::done($recipe, $stage->id, new Process(
            $process->kind,
            $heat ?? $process->heat,
            $process->minutes,
            $process->until,
            $process->panCm,
            $isLid ? preg_match('/\boff\b|\bno\b|\bwithout\b|\bun/u', $said) !== 1 : $process->lid,
            $process->extra,
            $process->celsius,
            $process->fromCold,
        ));
    }

    /** @return list<ProcessKind> that are named: "blended", "simmering" */
    private function kinds(string $said): array
    {
        preg_match_all('/\p{L}+/u', $said, $found);
        $kinds = [];
        foreach ($found[0] as $word) {
            foreach ([$word, ...self::stems($word)] as $stem) {
                $kind = ProcessKind::tryFrom($this->lexicon->says('verbs', $stem) ?? 'none');
                if ($kind !== null && $kind !== ProcessKind::None) {
                    $kinds[] = $kind;
                    break;
                }
            }
        }

        return $kinds;
    }

    /** @return list<string> */
    private static function stems(string $word): array
    {
        $word = (string) preg_replace('/^un(?=\p{L}+ed$)/u', '', $word);
        $stem = (string) preg_replace('/(?:ing|ed|s)$/u', '', $word);

        return [$stem, "{$stem}e", (string) preg_replace('/(\p{L})\1$/u', '$1', $stem)];
    }
}
