<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Http\RequestRefused;
use App\Models\OwnStyle;
use App\Models\PreferencesRecord;
use App\Models\StoredRecipe;
use App\Models\Vessel;
use Illuminate\Support\Facades\DB;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Formats\Json;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\Diet;
use Vinculum\Words\BenchView;
use Vinculum\Words\Speech;

/**
 * What the Shelf shows of a recipe, and all it is found by: worked out once, kept beside it, and worked out anew when
 * the
 * recipe, the catalogue or the household has changed. So a shelf of ten thousand is no more work than one of ten.
 */
final class ShelfCards
{
    private ?string $key = null;

    public function __construct(private readonly Evaluator $evaluator, private readonly Speech $speech) {}

    /** @return array<string, mixed> */
    public function of(StoredRecipe $recipe): array
    {
        if ($recipe->card_key === $this->key($recipe)) {
            return (array) json_decode((string) $recipe->card, true);
        }
        $recipe = StoredRecipe::query()->find($recipe->id) ?? $recipe;
        try {
            $evaluation = $this->evaluator->stored($recipe);
            $card = (new BenchView($this->speech, $evaluation))->card();
            $words = self::words($recipe, $evaluation);
        } catch (RequestRefused $why) {
            $card = [
                'style_name' => null,
                'makes_text' => '',
                'verdict' => '',
                'problems' => 0,
                'columns' => [],
                'broken' => $why->getMessage(),
            ];
            $words = mb_strtolower($recipe->name);
        }
        try {
            // beside the recipe, and no change of it
            DB::table('recipes')
                ->where('id', $recipe->id)
                ->where('revision', $recipe->revision)
                ->update(['card' => Json::encode($card), 'card_key' => $this->key($recipe), 'words' => $words]);
        } catch (\PDOException) {
            // it is shown all the same, and kept another time: somebody is writing, or the disk is full
        }

        return $card;
    }

    /** So many of those whose cards are not of today’s catalogue and household; how many there were. */
    public function renew(int $most): int
    {
        // by the index alone: the documents are opened for those that are stale
        $stale = StoredRecipe::query()
            ->where(
                fn ($query) => $query->whereNull('card_key')->orWhere('card_key', 'not like', "{$this->household()}:%"),
            )
            ->toBase()
            ->limit($most)
            ->pluck('id')
            ->all();
        foreach (StoredRecipe::query()->whereKey($stale)->get() as $recipe) {
            $this->of($recipe);
        }

        return count($stale);
    }

    private function key(StoredRecipe $recipe): string
    {
        return "{$this->household()}:{$recipe->revision}";
    }

    /**
     * What a card hangs on beside its recipe. An own ingredient takes back the cards of what names it when it is saved.
     */
    private function household(): string
    {
        $compiled = config()->string('vinculum.compiled');

        return $this->key ??= md5(
            Json::encode([
                filemtime($compiled),
                filesize($compiled),
                PreferencesRecord::query()->max('updated_at'),
                Vessel::query()->count(),
                Vessel::query()->max('updated_at'),
                OwnStyle::query()->count(),
                OwnStyle::query()->max('updated_at'),
            ]),
        );
    }

    /** All it is found by: its name, its kind, what is in it, and what is not. */
    private static function words(StoredRecipe $recipe, Evaluation $evaluation): string
    {
        $vocabulary = $evaluation->cooked->weighed->vocabulary;
        $words = [
            $recipe->name,
            $evaluation->style->name ?? '',
            $evaluation->style->slug ?? '',
            $evaluation->recipe->story,
        ];
        $diets = array_fill_keys(array_keys($vocabulary->words['diets']), true);
        foreach ($evaluation->cooked->weighed->lines as $line) {
            $words[] = $line->line->ingredient;
            $words[] = $line->ingredient->name ?? '';
            foreach (array_keys(array_filter($diets)) as $diet) {
                // what nobody knows may be anything
                $thing = $line->ingredient;
                $diets[$diet] = $thing !== null && Diet::named($diet, $vocabulary)->verdict($thing) === null;
            }
        }
        $allergens = Allergens::of($evaluation->cooked->weighed);
        $isKnown
            = $allergens['unsaid'] === []
            && ! in_array(
                null,
                array_map(static fn ($line): ?string => $line->ingredient?->slug, $evaluation->cooked->weighed->lines),
                true,
            );
        foreach ($isKnown ? $vocabulary->allergens() : [] as $allergen) {
            if (! isset($allergens['contains'][$allergen]) && ! isset($allergens['check'][$allergen])) {
                $names = explode(' ', mb_strtolower($vocabulary->allergenName($allergen)));
                foreach (array_unique([$allergen, ...$names]) as $name) {
                    $words[] = StoredRecipe::freeOf($name);
                }
            }
        }

        return mb_strtolower(implode("\n", array_filter([...$words, ...array_keys(array_filter($diets))])));
    }
}
