<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Models\OnHand;
use App\Models\SeasonRecord;
use App\Models\SwapMemory;
use App\Pantry\Compiled;
use App\Pantry\Household;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Aromas;
use Vinculum\Pantry\Seasons;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedLine;
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

/** Asks core for stand-ins, with what this household has, what is in season here, and what it thought of a swap before. */
final readonly class Swapper
{
    public Aromas $aromas;

    public function __construct(private Evaluator $evaluator, private Household $household, private Compiled $compiled)
    {
        $this->aromas = new Aromas($compiled->aromas);
    }

    /**
     * @param string|null $in only this slug; null for the nearest of all
     * @return array{WeighedLine, list<Substitution>, array<string, SwapMemory>}
     *
     * @throws InvalidRecipe
     */
    public function options(Recipe $recipe, string $line, ?string $in): array
    {
        $from = $this->evaluator->evaluate($recipe);
        $catalogue = $this->household->catalogueFor($recipe);
        $out = self::line($from, $line);
        if ($in !== null && $catalogue->find($in) === null) {
            throw InvalidRecipe::at('in', "“{$in}” is not in the pantry.");
        }
        $memories = $this->memories($out->ingredient->slug ?? '');
        $wishes = $this->wishes($catalogue->slugs(), $memories);

        return [$out, Swap::options($from, $catalogue, $this->aromas, $out->line->id, $wishes, $in === null ? null : [$in]), $memories];
    }

    /**
     * @param list<Need> $needs
     * @param list<string> $keep ids of lines that stay
     *
     * @throws InvalidRecipe
     */
    public function free(Recipe $recipe, array $needs, array $keep, float $saltTimes = 1.0, float $heatTimes = 1.0): FreedRecipe
    {
        $from = $this->evaluator->evaluate($recipe);
        if ($from->cooked->rows === []) {
            throw InvalidRecipe::at('recipe', 'There is nothing in the pot yet. Give at least one line an amount.');
        }
        $catalogue = $this->household->catalogueFor($recipe);
        $freed = FreeOf::of($from, $catalogue, $this->aromas, $needs, $this->wishes($catalogue->slugs(), []), $keep);
        if ($saltTimes === 1.0 && $heatTimes === 1.0) {
            return $freed;
        }
        $figures = array_filter([
            Measure::Saltiness->value => $saltTimes === 1.0 ? null : $saltTimes * $from->tasting->value(Measure::Saltiness),
            Measure::Heat->value => $heatTimes === 1.0 ? null : $heatTimes * $from->tasting->value(Measure::Heat),
        ], static fn (?float $figure): bool => $figure !== null);
        $moved = Rebalance::of($freed->after, $catalogue, Aims::ofFigures($freed->after, $figures));
        $left = $moved->isReached ? $freed->left : [...$freed->left, ['line' => '', 'why' => $moved->why]];

        return new FreedRecipe($freed->changes, $left, $freed->steps, Losses::of($from, $moved->after), [...$freed->cautions, ...\Vinculum\Safety\Limits::approached($freed->after->estimates, $moved->after->estimates)], $freed->toCheck, $moved->after, $moved->recipe);
    }

    public function seasons(): Seasons
    {
        $months = $this->compiled->seasons;
        try {
            foreach (SeasonRecord::query()->get() as $record) {
                unset($months[$record->slug]);
                if ($record->first !== null && $record->last !== null) {
                    $months[$record->slug] = [$record->first, $record->last];
                }
            }
        } catch (QueryException) {
            // the console works before the first start has made a database
        }

        return new Seasons($months);
    }

    /**
     * @param list<string> $slugs
     * @param array<string, SwapMemory> $memories
     */
    private function wishes(array $slugs, array $memories): Criteria
    {
        $seasons = $this->seasons();
        $month = Carbon::now()->month;
        try {
            $onHand = OnHand::slugs();
        } catch (QueryException) {
            $onHand = [];
        }

        return new Criteria(
            $onHand,
            array_values(array_filter($slugs, static fn (string $slug): bool => $seasons->isIn($slug, $month))),
            array_values(array_filter($slugs, static fn (string $slug): bool => $seasons->isOut($slug, $month))),
            array_map(static fn (SwapMemory $memory): int => $memory->verdict, $memories),
        );
    }

    /** @return array<string, SwapMemory> */
    private function memories(string $out): array
    {
        try {
            return SwapMemory::ofSwapsFor($out);
        } catch (QueryException) {
            return [];
        }
    }

    /** The line of this id, or the first of this ingredient. */
    private static function line(Evaluation $from, string $named): WeighedLine
    {
        foreach ($from->cooked->weighed->lines as $line) {
            if (($line->line->id === $named || $line->ingredient?->slug === $named) && $line->ingredient !== null && $line->grams > 0.0) {
                return $line;
            }
        }
        throw InvalidRecipe::at('line', "“{$named}” is no line of this recipe that has a weight.");
    }
}
