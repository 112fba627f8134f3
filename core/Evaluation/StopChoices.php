<?php

declare(strict_types=1);

namespace Vinculum\Evaluation;

use Vinculum\Mixture\Thickness;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Until;
use Vinculum\Taste\Style;

/**
 * "What if I stop at a third instead of a half": the finished sauce for a few places to stop one stage, and for where
 * it is as thick as something everybody knows.
 */
final class StopChoices
{
    private const SHARES = [10.0, 20.0, 25.0, 100 / 3, 40.0, 50.0, 60.0, 200 / 3, 75.0];

    /** Powers of ten that a thing everybody knows stands above where its word begins; see ThicknessTest. */
    private const WELL_IN = 0.15;

    /** Halvings between two shares: to a tenth of a per cent and less. */
    private const ROUNDS = 7;

    private function __construct(
        private readonly Recipe $recipe,
        private readonly string $stageId,
        private readonly Catalogue $catalogue,
        private readonly ?Style $style,
    ) {}

    /**
     * @return list<array{percent: float, evaluation: Evaluation, like: string|null}> those that can be reached, least
     *     first, and the thing everybody knows that it is as thick as there
     */
    public static function of(Recipe $recipe, string $stageId, Catalogue $catalogue, ?Style $style): array
    {
        return (new self($recipe, $stageId, $catalogue, $style))->choices();
    }

    /** @return list<array{percent: float, evaluation: Evaluation, like: string|null}> */
    private function choices(): array
    {
        $found = [];
        $before = null;
        foreach (self::SHARES as $share) {
            $evaluation = $this->stopped($share);
            if ($evaluation === null) {
                continue;
            }
            foreach (Thickness::cases() as $word) {
                if ($before !== null && $word !== Thickness::Runs) {
                    $like = $this->asThickAs($word, $before, [$share, $evaluation]);
                    $found = [...$found, ...$like === null ? [] : [$like]];
                }
            }
            $found[] = ['percent' => $share, 'evaluation' => $evaluation, 'like' => null];
            $before = [$share, $evaluation];
        }

        return $found;
    }

    /**
     * @param array{float, Evaluation} $before
     * @param array{float, Evaluation} $after
     * @return array{percent: float, evaluation: Evaluation, like: string}|null null where it is that thick before,
     *     or not even after
     */
    private function asThickAs(Thickness $word, array $before, array $after): ?array
    {
        $wanted = $word->begins() + self::WELL_IN;
        $yardsticks = $this->catalogue->vocabulary->words['yardsticks']['thickness'];
        $like = $this->catalogue->find($yardsticks[$word->value] ?? '')?->shortName();
        if (
            $like === null
            || $before[1]->estimates->powers() >= $wanted
            || $after[1]->estimates->powers() < $wanted
        ) {
            return null;
        }
        $least = $before[0];
        $most = $after[0];
        $best = $after[1];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $middle = ($least + $most) / 2;
            $there = $this->stopped($middle);
            if ($there === null || $there->estimates->powers() < $wanted) {
                $least = $middle;
            } else {
                [$most, $best] = [$middle, $there];
            }
        }

        return ['percent' => $most, 'evaluation' => $best, 'like' => $like];
    }

    /** The finished sauce where the stage stops once so many per cent are gone; null where it cannot. */
    private function stopped(float $percent): ?Evaluation
    {
        $stages = array_map(
            fn (Stage $stage): Stage => $stage->id === $this->stageId && $stage->process !== null
                ? $stage->processed($stage->process->upTo(new Until('loss_percent', $percent)))
                : $stage,
            $this->recipe->stages,
        );
        $evaluation = Evaluation::of($this->recipe->withStages($stages), $this->catalogue, $this->style);
        $stuck = array_filter(
            $evaluation->cooked->problems,
            fn ($problem): bool => $problem->at === $this->stageId,
        );

        return $stuck === [] ? $evaluation : null;
    }
}
