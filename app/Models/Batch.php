<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * A recipe as it was made on a day, its figures frozen with it.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 *
 * @property string $id
 * @property string $recipe_id
 * @property Carbon $made_on
 * @property RecipeArray $document
 * @property array{composition: array<string, float>, estimates: array<string, array{value: float, half: float, unit: string}>, calibrations: array<string, array{slug: string, name: string, field: string, now: float, slope: float}>, stirred_in?: list<string>} $frozen
 * @property list<array{kind: 'ph'|'brix'|'salt'|'mass', value: float, hot: bool, rested: bool}> $readings
 */
final class Batch extends Model
{
    use HasUlids;

    protected $fillable = ['recipe_id', 'made_on', 'document', 'frozen', 'readings'];

    /** @var array<string, string> */
    protected $casts = ['made_on' => 'date', 'document' => DocumentCast::class, 'frozen' => DocumentCast::class, 'readings' => DocumentCast::class];

    /**
     * Last made first.
     *
     * @return Collection<int, self>
     */
    public static function ofRecipe(string $recipe): Collection
    {
        $query = self::query();
        $query->whereRaw('recipe_id = ?', [$recipe])->orderByDesc('made_on')->orderByDesc('id');

        return $query->get();
    }
}
