<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Recipe;
use Vinculum\Safety\Brings;
use Vinculum\Solve\LineChange;
use Vinculum\Solve\Rebalance\Rebalanced;
use Vinculum\Taste\Measure;

/** A recipe moved on paper, as the API and the console send it (rebalance.schema.json). */
final readonly class RebalanceView
{
    public function __construct(private Speech $speech) {}

    /**
     * @param non-empty-list<Rebalanced> $answers
     * @param Recipe $given as it came: what the household adds to it stays out
     * @return array<string, mixed>
     */
    public function of(array $answers, Recipe $given): array
    {
        $first = $this->answer($answers[0], $given);

        return $first + [
            'others' => array_map(
                fn (Rebalanced $answer): array => $this->answer($answer, $given),
                array_slice($answers, 1),
            ),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function answer(Rebalanced $answer, Recipe $given): array
    {
        return [
            'status' => $answer->isReached ? 'reached' : 'closest',
            'why' => $this->speech->say($answer->why),
            'lines' => array_map(fn (LineChange $change): array => $this->line($change, $answer), $answer->changes),
            'before' => $this->figures($answer->before, $answer),
            'after' => $this->figures($answer->after, $answer),
            'brings' => BringsView::of(
                Brings::between($answer->before->cooked->weighed, $answer->after->cooked->weighed),
            ),
            'makes_text' => $this->speech->volume($answer->after->estimates->volume()->value),
            'ghosts' => (new BenchView($this->speech, $answer->after))->ghosts(),
            'recipe' => RecipeDocument::write($answer->recipe->withStages($answer->recipe->stages, $given->extra)),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function line(LineChange $change, Rebalanced $answer): array
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
            'before_g' => Digits::six($change->beforeG),
            'after_g' => Digits::six($change->afterG),
            'before_text' => $was,
            'text' => $change->text,
            'why' => $this->speech->say($change->why),
        ];
    }

    /**
     * @return array<string, array{value: float, steps: float}>
     */
    private function figures(Evaluation $evaluation, Rebalanced $answer): array
    {
        $figures = [];
        foreach (Measure::cases() as $measure) {
            $value = $evaluation->tasting->value($measure);
            $figures[$measure->value] = [
                'value' => Digits::six($value),
                'steps' => Digits::six($answer->aims->steps($measure, $value)),
            ];
        }

        return $figures;
    }
}
