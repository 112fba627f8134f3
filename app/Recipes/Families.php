<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Http\RequestRefused;
use App\Models\StoredRecipe;
use Illuminate\Support\Facades\DB;

/** The families of the Shelf: one sauce, all its recipes, and every try that was made of any of them. */
final readonly class Families
{
    /**
     * How many tries and how many recipes there are of each family.
     *
     * @param list<string> $families by the recipe each began with
     * @return array<string, array{tries: int, recipes: int}>
     */
    public static function counts(array $families): array
    {
        $of = StoredRecipe::FAMILY;
        $counts = [];
        $found = DB::table('recipes')
            ->leftJoin('batches', static function ($join): void {
                // by the recipe, and not by what is not thrown away, which is nearly all of them
                $join->on('batches.recipe_id', '=', 'recipes.id')->whereRaw('+batches.deleted_at is null');
            })
            ->whereNull('recipes.deleted_at')
            ->whereIn(DB::raw($of), $families)
            ->groupByRaw($of)
            ->selectRaw("{$of} family, count(distinct recipes.id) recipes, count(batches.id) tries")
            ->get();
        foreach ($found as $row) {
            $counts[(string) $row->family] = ['tries' => (int) $row->tries, 'recipes' => (int) $row->recipes];
        }

        return $counts;
    }

    /**
     * A recipe leaves its family, with all that was made from it; the one a family began with leaves alone, and the
     * oldest of the others is the first of what remains.
     *
     * @throws RequestRefused where it has no family
     */
    public function split(StoredRecipe $recipe): void
    {
        DB::transaction(static function () use ($recipe): void {
            $others = $recipe->family()->withTrashed()->get();
            if ($others->isEmpty()) {
                throw new RequestRefused(409, 'no-family', 'It stands alone already: nothing else is of its family.');
            }
            if ($recipe->variant_of === null) {
                $first = $others->whereNull('deleted_at')->first() ?? $others->firstOrFail();
                self::under($others->except([$first->id])->modelKeys(), $first->id);
                $first->forceFill(['variant_of' => null, 'parent_id' => null])->saveQuietly();

                return;
            }
            $leave = [$recipe->id];
            do {
                $before = count($leave);
                $leave = array_values(array_unique([
                    ...$leave,
                    ...$others->whereIn('parent_id', $leave)->modelKeys(),
                ]));
            } while (count($leave) > $before);
            self::under(array_values(array_diff($leave, [$recipe->id])), $recipe->id);
            $recipe->forceFill(['variant_of' => null, 'parent_id' => null])->saveQuietly();
        });
    }

    /**
     * A recipe's whole family becomes part of another's.
     *
     * @throws RequestRefused where it is of that family
     */
    public function join(StoredRecipe $recipe, StoredRecipe $other): void
    {
        DB::transaction(static function () use ($recipe, $other): void {
            if ($recipe->familyKey() === $other->familyKey()) {
                throw new RequestRefused(409, 'same-family', 'The two are of one family already.');
            }
            $old = $recipe->familyKey();
            $all = $recipe->withFamily()->withTrashed()->pluck('id')->all();
            self::under(array_values(array_map(strval(...), $all)), $other->familyKey());
            StoredRecipe::withTrashed()
                ->whereKey($old)
                ->whereNull('parent_id')
                ->toBase()
                ->update(['parent_id' => $other->id]);
            $recipe->refresh();
        });
    }

    /** @param array<int, int|string> $recipes */
    private static function under(array $recipes, string $first): void
    {
        // whose family it is is no change of a recipe: when it was touched stays
        StoredRecipe::withTrashed()->whereKey($recipes)->toBase()->update(['variant_of' => $first]);
    }
}
