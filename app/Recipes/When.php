<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Models\CookRecord;
use App\Models\HobRecord;
use App\Pantry\Household;
use Illuminate\Support\Carbon;
use Vinculum\Plan\Hours;
use Vinculum\Plan\Pace;
use Vinculum\Plan\UnreadableTime;
use Vinculum\Plan\Wanted;
use Vinculum\Plan\WhenToBegin;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Recipe;

/** When this household has to begin, with the rings, the hours and the hands it has. */
final readonly class When
{
    public function __construct(private Household $household, private Evaluator $evaluator, private Planner $planner) {}

    /** Its own clock, or the one that is given. */
    public function hours(string $zone): Hours
    {
        $kitchen = $this->household->preferences()->kitchen;
        try {
            return new Hours(
                $kitchen['zone'] !== '' ? $kitchen['zone'] : ($zone !== '' ? $zone : date_default_timezone_get()),
                $kitchen['wakes'],
                $kitchen['sleeps'],
            );
        } catch (UnreadableTime $why) {
            throw InvalidRecipe::at('zone', $why->getMessage());
        }
    }

    /**
     * @param list<array{recipe: Recipe, to: string, ready: string|null}> $batches
     */
    public function plan(array $batches, Hours $hours): WhenToBegin
    {
        $wanted = [];
        foreach ($batches as $i => $batch) {
            $evaluation
                = $batch['to'] === '' || $batch['to'] === '1x'
                    ? $this->evaluator->evaluate($batch['recipe'])
                    : $this->planner->scaled($batch['recipe'], $batch['to'], 0.0)->evaluation;
            if ($evaluation->cooked->mixture->mass() <= 0.0) {
                throw InvalidRecipe::at(
                    "batches[{$i}].recipe",
                    'There is nothing to cook in it yet. Give at least one line an amount.',
                );
            }
            try {
                $wanted[] = new Wanted($evaluation, $batch['ready'] === null ? null : $hours->minute($batch['ready']));
            } catch (UnreadableTime $why) {
                throw InvalidRecipe::at("batches[{$i}].ready", $why->getMessage());
            }
        }
        $kitchen = $this->household->preferences()->kitchen;

        return WhenToBegin::of(
            $wanted,
            Carbon::now()->getTimestamp() / 60,
            $kitchen['rings'],
            $kitchen['oven'] ? 1 : 0,
            $hours,
            Pace::of(CookRecord::paces()),
            HobRecord::known(),
        );
    }
}
