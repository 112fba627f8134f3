<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Models\OnHand;
use App\Models\SeasonRecord;
use App\Models\SwapMemory;
use App\Pantry\Household;
use Illuminate\Support\Carbon;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Seasons;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Safety\Limits;
use Vinculum\Safety\Need;
use Vinculum\Solve\Aims;
use Vinculum\Solve\Rebalance\Rebalance;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\FreedRecipe;
use Vinculum\Solve\Swap\FreeOf;
use Vinculum\Solve\Swap\Losses;
use Vinculum\Solve\Swap\Substitution;
use Vinculum\Solve\Swap\Swap;
use Vinculum\Taste\Measure;
use Vinculum\Words\SwapView;

/**
 * Asks core for stand-ins, with what this household has, what is in season here, and what it thought of a swap
 * before.
 */
final readonly class Swapper
{
    public function __construct(private Evaluator $evaluator, private Household $household) {}

    /**
     * @param string|null $in only this slug; null for the nearest of all
     * @return array{WeighedLine, list<Substitution>, array<string, array{verdict: int, note: string}>}
     *
     * @throws InvalidRecipe
     */
    public function options(Recipe $recipe, string $line, ?string $in): array
    {
        $from = $this->evaluator->evaluate($recipe);
        $catalogue = $this->household->catalogueFor($recipe, $in ?? '');
        $out = self::line($from, $line);
        if ($in !== null && $catalogue->find($in) === null) {
            throw InvalidRecipe::at('in', "“{$in}” is not in the pantry.");
        }
        $memories = $this->memories($out->ingredient->slug ?? '');
        $criteria = $this->criteria($catalogue, $memories);

        return [
            $out,
            Swap::options($from, $catalogue, $out->line->id, $criteria, $in === null ? null : [$in]),
            $memories,
        ];
    }

    /**
     * @param list<string> $needs words of the vocabulary
     * @param list<string> $keep ids of lines that stay
     *
     * @throws InvalidRecipe
     */
    public function free(
        Recipe $recipe,
        array $needs,
        array $keep,
        float $saltTimes = 1.0,
        float $heatTimes = 1.0,
    ): FreedRecipe {
        $from = $this->evaluator->evaluate($recipe);
        if ($from->cooked->mixture->mass() <= 0.0) {
            throw InvalidRecipe::at('recipe', 'There is nothing in the pot yet. Give at least one line an amount.');
        }
        $catalogue = $this->household->catalogueFor($recipe);
        $needs = Need::each($needs, $catalogue->vocabulary, 'needs');
        $freed = FreeOf::of($from, $catalogue, $needs, $this->criteria($catalogue, []), $keep);
        if ($saltTimes === 1.0 && $heatTimes === 1.0) {
            return $freed;
        }
        $figures = array_filter(
            [
                Measure::Saltiness->value
                    => $saltTimes === 1.0 ? null : $saltTimes * $from->tasting->value(Measure::Saltiness),
                Measure::Heat->value => $heatTimes === 1.0 ? null : $heatTimes * $from->tasting->value(Measure::Heat),
            ],
            static fn (?float $figure): bool => $figure !== null,
        );
        $moved = Rebalance::of($freed->after, $catalogue, Aims::ofFigures($freed->after, $figures));
        $left = $moved->isReached ? $freed->left : [...$freed->left, ['line' => '', 'why' => $moved->why]];

        return new FreedRecipe(
            $freed->changes,
            $left,
            $freed->steps,
            Losses::of($from, $moved->after),
            [...$freed->cautions, ...Limits::approached($freed->after->estimates, $moved->after->estimates)],
            $freed->toCheck,
            $freed->brings,
            $moved->after,
            $moved->recipe,
        );
    }

    public function seasons(): Seasons
    {
        $changed = [];
        foreach (Household::stored(SeasonRecord::query()) as $record) {
            $changed[$record->slug]
                = $record->first === null || $record->last === null ? null : [$record->first, $record->last];
        }

        // what is our own has none of its own
        return Seasons::of($this->household->shipped(), $changed);
    }

    /** @return list<string> slugs of what is in season here this month */
    public function inSeason(Catalogue $catalogue): array
    {
        $seasons = $this->seasons();
        $month = Carbon::now()->month;

        return array_values(
            array_filter($catalogue->slugs(), static fn (string $slug): bool => $seasons->isIn($slug, $month)),
        );
    }

    /**
     * @param array<string, array{verdict: int, note: string}> $memories
     */
    public function criteria(Catalogue $catalogue, array $memories): Criteria
    {
        $seasons = $this->seasons();
        $month = Carbon::now()->month;
        $preferences = $this->household->preferences();
        $slugs = $catalogue->slugs();
        $never = array_values(
            array_filter(
                $preferences->never === [] ? [] : $slugs,
                static fn (string $slug): bool => ($thing = $catalogue->find($slug)) !== null
                    && $preferences->keepsOut($thing, $catalogue->vocabulary),
            ),
        );

        return new Criteria(
            OnHand::slugs(),
            $this->inSeason($catalogue),
            array_values(array_filter($slugs, static fn (string $slug): bool => $seasons->isOut($slug, $month))),
            array_map(static fn (array $memory): int => $memory['verdict'], $memories),
            [],
            $never,
        );
    }

    /**
     * How stand-ins are said to this household.
     */
    public function view(Recipe $given): SwapView
    {
        $shelf = Household::stored(OnHand::query())
            ->mapWithKeys(
                static fn (OnHand $record): array => [
                    $record->slug => ['price' => $record->price, 'pack' => $record->pack, 'have' => $record->have],
                ],
            )
            ->all();

        return new SwapView(
            $this->household->preferences()->speech(),
            $given,
            $this->seasons(),
            Carbon::now()->month,
            $shelf,
        );
    }

    /** @return array<string, array{verdict: int, note: string}> by what went in */
    private function memories(string $out): array
    {
        return Household::stored(SwapMemory::query()->for($out))
            ->mapWithKeys(
                static fn (SwapMemory $memory): array => [
                    $memory->in => ['verdict' => $memory->verdict, 'note' => $memory->note],
                ],
            )
            ->all();
    }

    /** The line of this id, or the first of this ingredient. */
    private static function line(Evaluation $from, string $named): WeighedLine
    {
        foreach ($from->cooked->weighed->lines as $line) {
            if (
                ($line->line->id === $named || $line->ingredient?->slug === $named)
                && $line->ingredient !== null
                && $line->grams > 0.0
            ) {
                return $line;
            }
        }
        throw InvalidRecipe::at('line', "“{$named}” is no line of this recipe that has a weight.");
    }
}
