<?php

declare(strict_types=1);

namespace Vinculum\Evaluation;

use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Until;
use Vinculum\Taste\Style;

/** "What if I stop at a third instead of a half": the finished sauce for a few places to stop one stage. */
final class StopChoices
{
    private const SHARES = [10.0, 20.0, 25.0, 100 / 3, 40.0, 50.0, 60.0, 200 / 3, 75.0];

    /**
     * @return list<array{percent: float, evaluation: Evaluation}> those that can be reached, least first
     */
    public static function of(Recipe $recipe, string $stageId, Catalogue $catalogue, ?Style $style): array
    {
        $choices = [];
        foreach (self::SHARES as $share) {
            $stages = array_map(
                static fn (Stage $stage): Stage => $stage->id === $stageId && $stage->process !== null
                    ? $stage->processed($stage->process->upTo(new Until('loss_percent', $share)))
                    : $stage,
                $recipe->stages,
            );
            $evaluation = Evaluation::of($recipe->withStages($stages), $catalogue, $style);
            $stuck = array_filter(
                $evaluation->cooked->problems,
                static fn ($problem): bool => $problem->at === $stageId,
            );
            if ($stuck === []) {
                $choices[] = ['percent' => $share, 'evaluation' => $evaluation];
            }
        }

        return $choices;
    }
}
