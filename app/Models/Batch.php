<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Vinculum\Log\MadeBatch;
use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * A recipe as it was made on a day, its figures frozen with it.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 * @phpstan-import-type Frozen from MadeBatch
 *
 * @property string $id
 * @property string $recipe_id
 * @property Carbon $made_on
 * @property RecipeArray $document
 * @property Frozen $frozen
 * @property Collection<int, BatchReading> $readings every one that was ever taken, in order
 */
final class Batch extends Model
{
    use HasUlids;

    protected $fillable = ['recipe_id', 'made_on', 'document', 'frozen'];

    protected $with = ['readings'];

    /** @var array<string, string> */
    protected $casts = ['made_on' => 'date', 'document' => DocumentCast::class, 'frozen' => DocumentCast::class];

    /** @return BelongsTo<StoredRecipe, $this> */
    public function recipe(): BelongsTo
    {
        return $this->belongsTo(StoredRecipe::class, 'recipe_id')->withTrashed();
    }

    /** @return HasMany<BatchReading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(BatchReading::class)->orderBy('id');
    }

    /** As core knows it: with the readings that stand. */
    public function made(): MadeBatch
    {
        return new MadeBatch($this->frozen, array_values($this->readings->filter->stands()->map->reading()->all()));
    }
}
