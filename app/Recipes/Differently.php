<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Models\Batch;
use App\Pantry\Household;
use Illuminate\Support\Facades\DB;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Log\AsMade;
use Vinculum\Log\Changes;
use Vinculum\Log\MadeBatch;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Jotted\Otherwise;
use Vinculum\Recipe\Recipe;
use Vinculum\Words\TrialsView;

/** What was made otherwise that time, as its maker says it, and the batch that holds it. */
final readonly class Differently
{
    public function __construct(
        private Evaluator $evaluator,
        private Household $household,
        private Journal $journal,
        private TrialsView $view,
    ) {}

    /**
     * What the words come to.
     *
     * @return array{recipe: Recipe, clauses: list<array{words: string, understood: string, ask: string,
     * guesses: list<string>}>, kept: list<string>}
     */
    public function read(Recipe $recipe, string $text): array
    {
        $before = $this->evaluator->evaluate($recipe);
        $minutes = [];
        foreach ($before->cooked->stages as $report) {
            $minutes[$report->stage->id] = (float) ($report->minutes ?? 0.0);
        }
        $catalogue = $this->household->catalogueFor($recipe);
        [$clauses, $kept] = [[], []];
        $was = AsMade::of($before);
        foreach (Otherwise::read($text, $recipe, $catalogue, $minutes) as $clause) {
            $understood = '';
            if ($clause['recipe'] !== null) {
                $is = AsMade::of($this->evaluator->evaluate($clause['recipe']));
                $changes = Changes::between($was, $is);
                $understood = $changes->all === []
                    ? 'as the recipe says'
                    : implode('; ', array_map($this->view->change(...), $changes->all));
                [$recipe, $was] = [$clause['recipe'], $is];
            } else {
                $kept[] = $clause['words'];
            }
            $clauses[] = [
                'words' => $clause['words'],
                'understood' => $understood,
                'ask' => $clause['ask'],
                'guesses' => $clause['guesses'],
            ];
        }

        return ['recipe' => $recipe, 'clauses' => $clauses, 'kept' => $kept];
    }

    /**
     * A batch that was made otherwise than it was written down: it holds its own, and its recipe stays as it is. What
     * was not understood is noted on it as it was said.
     *
     * @throws InvalidRecipe where nothing would be in the pot
     */
    public function keep(Batch $batch, string $text): void
    {
        $planned = $batch->planned ?? $batch->document;
        $read = $this->read(RecipeDocument::read($planned), $text);
        $made = $this->evaluated($read['recipe']);
        DB::transaction(function () use ($batch, $planned, $read, $made): void {
            $batch
                ->fill([
                    'document' => RecipeDocument::write($read['recipe']),
                    'planned' => $planned,
                    'frozen' => MadeBatch::freeze($made),
                ])
                ->save();
            $this->note($batch, $read['kept']);
            $this->journal->redate($batch->refresh());
        });
    }

    /** @param list<string> $kept what was said and is no amount, no thing and no time */
    public function note(Batch $batch, array $kept): void
    {
        if ($kept !== []) {
            $batch->notes()->create(['text' => implode('; ', $kept)]);
        }
    }

    public function evaluated(Recipe $recipe): Evaluation
    {
        $made = $this->evaluator->evaluate($recipe);
        if ($made->cooked->mixture->mass() <= 0.0) {
            throw InvalidRecipe::at('different', 'leaves nothing in the pot. Expected: what was made otherwise.');
        }

        return $made;
    }
}
