<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Evaluation\UnlikelyAmount;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Vocabulary;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/**
 * What a thing brings by being what it is: each a row of "hazards" in the vocabulary, which says of which things it is
 * true (by traits and kinds, or by the name of what is not in the pantry), from which share of the sauce, how long
 * cooking takes to end it, and how grave it is.
 *
 * @phpstan-import-type Hazard from Vocabulary
 */
final class Hazards implements Rule
{
    public function of(Facts $sauce): array
    {
        $vocabulary = $sauce->cooked->weighed->vocabulary;
        $named = [];
        foreach ($sauce->unknown() as $i => $line) {
            foreach (array_keys($vocabulary->hazardsNamed($line->line->words())) as $code) {
                $named[$code][$i] = $line;
            }
        }
        $byTrait = $byKind = [];
        foreach ($sauce->present() as $i => $line) {
            foreach ($line->ingredient->traits ?? [] as $trait) {
                $byTrait[$trait][$i] = $line;
            }
            foreach ($line->ingredient->kinds ?? [] as $kind) {
                $byKind[$kind][$i] = $line;
            }
        }
        $cautions = [];
        foreach ($vocabulary->words['hazards'] as $code => $hazard) {
            if (isset($hazard['called']) && ! $sauce->isCalled($hazard['called'])) {
                continue;
            }
            $known = array_replace(
                array_replace(...array_map(static fn (string $trait): array => $byTrait[$trait] ?? [], [
                    ...$hazard['traits'] ?? [$code],
                ])),
                ...array_map(static fn (string $kind): array => $byKind[$kind] ?? [], $hazard['kinds'] ?? []),
            );
            $lines = ($named[$code] ?? []) + self::known($sauce, $hazard, $known);
            $caution = $lines === [] ? null : self::caution($sauce, $code, $hazard, $lines);
            if ($caution !== null) {
                $cautions[] = $caution;
            }
        }

        return $cautions;
    }

    /**
     * @param Hazard $hazard
     * @param array<int, WeighedLine> $lines that are such things
     * @return array<int, WeighedLine> by place
     */
    private static function known(Facts $sauce, array $hazard, array $lines): array
    {
        $vocabulary = $sauce->cooked->weighed->vocabulary;
        foreach (isset($hazard['anywhere']) ? $sauce->present() : [] as $i => $line) {
            if ($vocabulary->isNamed($hazard['named'] ?? [], $line->line->words())) {
                $lines[$i] = $line;
            }
        }
        if ($lines === []) {
            return [];
        }
        $isTooDry = isset($hazard['wet'])
            && $sauce->cooked->mixture->grams[Constituent::WATER] < UnlikelyAmount::DRY * $sauce->mass();

        return $isTooDry || $sauce->shareOfLines($lines) < ($hazard['share'] ?? 0.0) ? [] : $lines;
    }

    /**
     * @param Hazard $hazard
     * @param non-empty-array<int, WeighedLine> $lines
     */
    private static function caution(Facts $sauce, string $code, array $hazard, array $lines): ?Caution
    {
        $endsByCooking = isset($hazard['until_cooked']) || isset($hazard['grade_cooked']);
        $raw = $endsByCooking
            ? array_filter(
                $lines,
                static fn (int $i): bool => ! $sauce->treatment->isCooked($i)
                    || $sauce->treatment->minutesBoiled($i) < ($hazard['cooked_from'] ?? 0.0),
                ARRAY_FILTER_USE_KEY,
            )
            : $lines;
        $grade = $raw === [] ? $hazard['grade_cooked'] ?? null : $hazard['grade'] ?? 'stop';

        return $grade === null
            ? null
            : new Caution(
                Grade::from($grade),
                $code,
                Sentence::of($hazard['text']),
                $hazard['rule'],
                array_values(array_map(
                    static fn (WeighedLine $line): string => $line->line->id,
                    $raw === [] ? $lines : $raw,
                )),
                $raw !== [] && ($hazard['forbids'] ?? false),
            );
    }
}
