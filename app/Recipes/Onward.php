<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Http\RequestRefused;
use App\Models\Batch;
use App\Models\StoredRecipe;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\WeighedRecipe;
use Vinculum\Safety\OwnSauce;

/** A batch that waited, or some of it, as the beginning of the next sauce: its state is the first line of that. */
final readonly class Onward
{
    private const LONGEST_NAME = 120;

    public function __construct(private Journal $journal, private Evaluator $evaluator) {}

    /**
     * @param string $amount of it, such as 300 ml; empty for all there is
     *
     * @throws InvalidRecipe where there is not so much of it
     * @throws RequestRefused where it is past its day
     */
    public function from(Batch $batch, string $amount): StoredRecipe
    {
        $made = $this->journal->evaluated($batch);
        $keeps = $this->journal->keeps($batch, $made);
        $age = (int) $batch->made_on->diffInDays(Carbon::today());
        if ($keeps !== null && $age >= max(1, $keeps->fridgeDays) && ! $this->isFrozen($batch)) {
            throw new RequestRefused(
                409,
                'past-its-day',
                "No. {$batch->number} was made {$age} days ago and keeps {$keeps->fridgeDays} days in the fridge. What "
                    .'is past its day is the beginning of nothing.',
            );
        }
        $grams = $made->cooked->mixture->mass();
        $name = mb_substr("{$batch->document['name']}, no. {$batch->number}", 0, self::LONGEST_NAME);
        $slug = "my-no-{$batch->number}";
        $age = $this->isFrozen($batch) ? 0 : $age;
        $recipe = new Recipe(
            mb_substr("With no. {$batch->number}: {$batch->document['name']}", 0, self::LONGEST_NAME),
            null,
            $made->recipe->measures,
            null,
            [],
            [new Stage('s1', '', [new Line('l1', $slug, $amount === '' ? round($grams).' g' : $amount)])],
            [$slug => OwnSauce::definition($name, $made, $keeps, $age)],
            story: "Begins with no. {$batch->number}, made on {$batch->made_on->toDateString()}.",
        );
        $this->refuseMoreThanThereIs($this->evaluator->evaluate($recipe)->cooked->weighed, $grams, $amount);

        return DB::transaction(static function () use ($batch, $recipe, $amount): StoredRecipe {
            $kept = StoredRecipe::keep(RecipeDocument::write($recipe));
            $some = $amount === '' ? 'All of it' : "{$amount} of it";
            $batch->notes()->create(['text' => "{$some} went on into “{$recipe->name}”."]);

            return $kept;
        });
    }

    private function isFrozen(Batch $batch): bool
    {
        return $batch->jars->isNotEmpty() && $batch->jars->every(static fn ($jar): bool => $jar->place === 'freezer');
    }

    private function refuseMoreThanThereIs(WeighedRecipe $weighed, float $grams, string $amount): void
    {
        $wanted = $weighed->lines[0]->grams ?? 0.0;
        if ($wanted <= 0.0) {
            throw InvalidRecipe::at(
                'amount',
                "“{$amount}” is no amount of a sauce. Expected: a volume or a weight, such as 300 ml or 250 g.",
            );
        }
        // rounding is no more than there is
        if ($wanted > 1.01 * $grams) {
            throw InvalidRecipe::at('amount', sprintf(
                '“%s” is %d g, and there were %d g of it. Expected: no more than that.',
                $amount,
                (int) round($wanted),
                (int) round($grams),
            ));
        }
    }
}
