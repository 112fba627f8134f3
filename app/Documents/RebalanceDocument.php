<?php

declare(strict_types=1);

namespace App\Documents;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Recipe;
use Vinculum\Solve\LineChange;
use Vinculum\Solve\Rebalance\Rebalanced;
use Vinculum\Taste\Measure;

/** A recipe moved on paper, as the API and the console send it (rebalance.schema.json). */
final class RebalanceDocument
{
    /**
     * @param non-empty-list<Rebalanced> $answers
     * @param Recipe $given as it came: what the household adds to it stays out
     * @return array<string, mixed>
     */
    public static function of(array $answers, Recipe $given): array
    {
        $first = self::answer($answers[0], $given);

        return $first + ['others' => array_map(static fn (Rebalanced $answer): array => self::answer($answer, $given), array_slice($answers, 1))];
    }

    /**
     * @return array<string, mixed>
     */
    private static function answer(Rebalanced $answer, Recipe $given): array
    {
        return [
            'status' => $answer->isReached ? 'reached' : 'closest',
            'why' => $answer->why,
            'lines' => array_map(static fn (LineChange $change): array => self::line($change, $answer), $answer->changes),
            'before' => self::figures($answer->before, $answer),
            'after' => self::figures($answer->after, $answer),
            'makes_text' => Wording::volume($answer->after->estimates->volume()->value),
            'ghosts' => BenchDocument::ghosts($answer->after),
            'recipe' => RecipeDocument::write($answer->recipe->withStages($answer->recipe->stages, $given->extra)),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function line(LineChange $change, Rebalanced $answer): array
    {
        $name = $change->id;
        $was = '';
        foreach ($answer->before->cooked->weighed->lines as $line) {
            if ($line->line->id === $change->id) {
                $name = $line->ingredient?->shortName() ?? $line->line->ingredient;
                $was = $line->line->amount ?? '';
            }
        }

        return [
            'id' => $change->id,
            'name' => $name,
            'before_g' => AnalysisDocument::digits($change->beforeG),
            'after_g' => AnalysisDocument::digits($change->afterG),
            'before_text' => $was,
            'text' => $change->text,
            'why' => $change->why,
        ];
    }

    /**
     * @return array<string, array{value: float, steps: float}>
     */
    private static function figures(Evaluation $evaluation, Rebalanced $answer): array
    {
        $figures = [];
        foreach (Measure::cases() as $measure) {
            $value = $evaluation->tasting->value($measure);
            $figures[$measure->value] = ['value' => AnalysisDocument::digits($value), 'steps' => AnalysisDocument::digits($answer->aims->steps($measure, $value))];
        }

        return $figures;
    }
}
