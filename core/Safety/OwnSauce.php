<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\OwnIngredient;
use Vinculum\Pantry\Vocabulary;

/**
 * A finished sauce as an ingredient of another, with all that has to come along: allergens, labels to check, what
 * nobody has said, and what its lines are, as far as cooking leaves them so.
 *
 * @phpstan-import-type Definition from OwnIngredient
 */
final class OwnSauce
{
    /** What is true of the bottle or the piece that went in, and not of the sauce. */
    private const LEFT_BEHIND = [
        'bought',
        'uncut',
        'whole',
        'ground',
        'flares',
        'burns-eyes',
        'pressed-or-bottled',
        'cooked',
        'refused',
    ];

    /**
     * @param KeepingTime|null $keeps how long it keeps, where that is known better than from its lines
     * @param int|null $daysLeft that it still keeps, where it has waited; null for fresh
     * @return Definition
     *
     * @throws \Vinculum\Pantry\InvalidIngredient where the pot is empty
     */
    public static function definition(
        string $name,
        Evaluation $evaluation,
        ?KeepingTime $keeps = null,
        ?int $daysLeft = null,
    ): array {
        $facts = Facts::of($evaluation);
        $allergens = Allergens::of($evaluation->cooked->weighed);
        $traits = [];
        $isRaw = ! $facts->treatment->wasCooked();
        $endsByCooking = self::endsByCooking($evaluation->cooked->weighed->vocabulary);
        $much = self::wantMuch($evaluation->cooked->weighed->vocabulary);
        foreach ($much as $trait => $share) {
            if ($facts->shareHaving($trait) >= $share) {
                $traits[] = $trait;
            }
        }
        $alcoholFree = Diet::named('alcohol-free', $evaluation->cooked->weighed->vocabulary);
        foreach ($facts->present() as $i => $line) {
            $isCooked = $facts->treatment->isCooked($i);
            $boiled = $isCooked ? $facts->treatment->minutesBoiled($i) : 0.0;
            $away = $isCooked
                ? array_keys(array_filter($endsByCooking, static fn (float $from): bool => $boiled >= $from))
                : [];
            $stays = array_diff($line->ingredient->traits ?? [], self::LEFT_BEHIND, array_keys($much), $away);
            $isRaw = $isRaw || array_intersect($stays, array_keys($endsByCooking)) !== [];
            // wet again it is as the fresh thing; a spice stays dry in what it flavours
            $traits = [...$traits, ...array_diff($stays, ['dry-plant'])];
            if ($facts->treatment->isSoaked($line)) {
                $traits[] = 'low-acid-plant';
            } elseif ($facts->treatment->isDriedPlant($line)) {
                $traits[] = 'dry-plant';
            }
            $alcohol = $line->ingredient === null ? null : $alcoholFree->verdict($line->ingredient);
            if ($alcohol !== null) {
                $traits[] = $alcohol === 'against' ? 'alcohol-in-it' : 'perhaps-alcohol-in-it';
            }
        }

        // with something raw in it that cooking would end, it is raw, whatever was cooked beside it
        $traits = $isRaw ? $traits : [...$traits, 'cooked'];
        $keeps ??= KeepingTime::of($facts);

        return OwnIngredient::ofMixture($name, $evaluation->cooked->mixture) + [
            // at least a day: what is not to be kept is said of it, too, by what its traits are
            ...$keeps === null ? [] : ['keeps' => [
                'fridge' => max(1, min($keeps->fridgeDays, $daysLeft ?? $keeps->fridgeDays)),
                'opened' => max(1, min($keeps->openedDays, $daysLeft ?? $keeps->openedDays)),
                'frozen' => $keeps->frozenMonths,
            ]],
            'contains' => array_keys($allergens['contains']),
            'may_contain' => array_keys($allergens['check']),
            'allergens_known' => $allergens['unsaid'] === [] && ! self::hasUnknownLine($evaluation),
            'traits' => array_values(array_unique($traits)),
        ];
    }

    /** @return array<string, float> traits that cooking ends, and from how many minutes at the boil */
    private static function endsByCooking(Vocabulary $vocabulary): array
    {
        $ends = ['fresh-plant' => 0.0];
        foreach ($vocabulary->words['hazards'] as $code => $hazard) {
            if (isset($hazard['until_cooked']) || isset($hazard['grade_cooked'])) {
                $ends += array_fill_keys($hazard['traits'] ?? [$code], (float) ($hazard['cooked_from'] ?? 0.0));
            }
        }

        return $ends;
    }

    /** @return array<string, float> traits that are said of a sauce only from a share of it on */
    private static function wantMuch(Vocabulary $vocabulary): array
    {
        $much = [];
        foreach ($vocabulary->words['hazards'] as $hazard) {
            if (isset($hazard['share'])) {
                $much += array_fill_keys($hazard['traits'] ?? [], $hazard['share']);
            }
        }

        return $much;
    }

    /** A name nobody knows may be anything. */
    private static function hasUnknownLine(Evaluation $evaluation): bool
    {
        foreach ($evaluation->cooked->weighed->lines as $line) {
            if ($line->ingredient === null && ! $line->line->leftOut) {
                return true;
            }
        }

        return false;
    }
}
