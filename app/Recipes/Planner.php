<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Models\Batch;
use App\Models\EquipmentRecord;
use App\Models\HobRecord;
use App\Models\OnHand;
use App\Pantry\Household;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\Equipment;
use Vinculum\Batch\Making;
use Vinculum\Batch\ScaledRecipe;
use Vinculum\Batch\Scaler;
use Vinculum\Batch\ScaleTarget;
use Vinculum\Batch\Shopping;
use Vinculum\Batch\Stock;
use Vinculum\Batch\Tools;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Log\Servings;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedRecipe;

/** Plans batches with what this household measures with, cooks in, has and pays. */
final readonly class Planner
{
    public function __construct(private Evaluator $evaluator, private Household $household) {}

    /**
     * @param MeasuringSet|null $set another set of cups and spoons than the recipe's own
     *
     * @throws UnreachableTarget
     */
    public function scaled(Recipe $recipe, Making $making, ?MeasuringSet $set = null): ScaledRecipe
    {
        if ($set !== null && $set !== $recipe->measures) {
            $recipe = LineWriter::inSet(WeighedRecipe::of($recipe, $this->household->catalogueFor($recipe)), $set);
        }
        $from = $this->evaluator->evaluate($recipe);
        if ($from->estimates->mass()->value <= 0.0) {
            throw UnreachableTarget::nothingToScale();
        }
        if ($making->isAsWritten()) {
            return ScaledRecipe::asWritten($from);
        }
        $preferences = $this->household->preferences();
        $asked = ScaleTarget::parse($making->to, $from->recipe->measures);
        $target = $asked->inHelpingsOf($from);
        $meals = $target->isUsual ? Batch::meals(is_string($recipe->style) ? $recipe->style : null, $recipe->name) : [];
        if ($meals !== []) {
            $each = Servings::of((float) $target->millilitres, $meals);
            $target = $target->having($each->value);
        }
        $scaled = (new Scaler($this->household->catalogueFor($recipe)))->scale(
            $from,
            $target,
            $making->headspacePercent,
            new Tools($from->recipe->kitchenware(), $preferences->eighths, $preferences->scale, HobRecord::known()),
        );

        if ($meals === [] && $target !== $asked) {
            return $scaled->saying('people', Sentence::of(
                '{each} each, as is usual of {kind}. Say “{count} people, 60 ml” where they have another amount.',
                [
                    'each' => Quantity::volume((float) $target->millilitres),
                    'kind' => lcfirst($from->style->name ?? ''),
                    'count' => Quantity::number($target->containers, 0),
                ],
            ));
        }

        return $meals === []
            ? $scaled
            : $scaled->saying(
                'people',
                Sentence::of('{each} each: what they had of it here, {times}, beside what is usual.', [
                    'each' => Quantity::volume((float) $target->millilitres),
                    'times' => count($meals) === 1 ? 'once' : count($meals).' times',
                ]),
            );
    }

    /**
     * @param list<WeighedRecipe> $batches
     */
    public function shopping(array $batches): Shopping
    {
        $noted = Household::stored(OnHand::query())->keyBy('slug')->all();
        $set = $this->household->preferences()->measures;
        $shelf = [];
        foreach ($batches as $batch) {
            foreach ($batch->lines as $line) {
                $record = $noted[$line->ingredient->slug ?? ''] ?? null;
                if ($line->ingredient !== null && $record !== null) {
                    $shelf[$line->ingredient->slug] ??= Stock::noted(
                        $line->ingredient,
                        $record->amount,
                        $record->price === null ? null : (float) $record->price,
                        $record->pack,
                        $set,
                    );
                }
            }
        }

        return Shopping::of($batches, $shelf);
    }

    /** @return list<Equipment> */
    public function equipment(): array
    {
        return EquipmentRecord::owned();
    }
}
