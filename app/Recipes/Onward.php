<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Http\RequestRefused;
use App\Models\Batch;
use App\Models\JarRecord;
use App\Models\StoredRecipe;
use App\Pantry\Household;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Vinculum\Log\Jar;
use Vinculum\Log\Onward as Base;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;

/** A batch that waited as the beginning of the next sauce: fetches, asks core, and writes down what became of it. */
final readonly class Onward
{
    public function __construct(private Journal $journal, private Household $household) {}

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
        $madeOn = $batch->made_on->toDateString();
        $left = Base::daysLeft($madeOn, self::jars($batch), $keeps, Carbon::today()->toDateString());
        if ($left !== null && $left < 0) {
            throw new RequestRefused(
                409,
                'past-its-day',
                "No. {$batch->number}, made on {$madeOn}, has been past its day for ".-$left
                    .($left === -1 ? ' day' : ' days').'. Throw it away: no sauce begins with it.',
            );
        }
        $recipe = Base::recipe(
            "my-no-{$batch->number}",
            "{$batch->document['name']}, no. {$batch->number}",
            $madeOn,
            $made,
            $keeps,
            $left,
            $amount,
            $this->household->catalogue(),
        );

        return DB::transaction(static function () use ($batch, $recipe, $amount): StoredRecipe {
            $some = $amount === '' ? 'All of it' : "{$amount} of it";
            $batch->notes()->create(['text' => "{$some} went on into “{$recipe->name}”."]);

            return StoredRecipe::keep(RecipeDocument::write($recipe));
        });
    }

    /** @return list<Jar> those that are still there */
    private static function jars(Batch $batch): array
    {
        return array_values($batch->jars
            ->filter(static fn (JarRecord $jar): bool => $jar->gone_on === null)
            ->map(static fn (JarRecord $jar): Jar => $jar->jar())
            ->all());
    }
}
