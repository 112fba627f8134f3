<?php

declare(strict_types=1);

namespace App\Models;

use App\Pantry\Household;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Stove\SimulatedPot;

/**
 * A recipe while it is being cooked, and everything that happened to it.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 * @phpstan-import-type KeptMaking from \App\Recipes\Makings
 *
 * @property string $id
 * @property string $recipe_id
 * @property RecipeArray $document
 * @property float $began_at seconds since 1970
 * @property float $speed minutes of the pot in one of the clock
 * @property int|null $seed of a simulated pot
 * @property float|null $finished_at
 * @property string|null $making_id
 * @property KeptMaking|null $making as it was asked for; null for a cook of before there were makings
 * @property array<string, float>|null $paces ln of how many times as long as usual its hands took, by the kind of work
 * @property string|null $batch_id
 * @property Collection<int, CookEvent> $events
 */
final class CookRecord extends Model
{
    use HasUlids;

    protected $table = 'cooks';

    protected $fillable = ['recipe_id', 'document', 'began_at', 'speed', 'seed', 'making_id', 'making'];

    /** Cooks that are looked at for how long this household's hands take. */
    private const LATEST = 12;

    /** @var array<string, string> */
    protected $casts = [
        'document' => DocumentCast::class,
        'began_at' => 'float',
        'speed' => 'float',
        'seed' => 'integer',
        'finished_at' => 'float',
        'making' => 'array',
        'paces' => 'array',
    ];

    /** @return HasMany<CookEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(CookEvent::class, 'cook_id')->orderBy('id');
    }

    /** @return BelongsTo<StoredRecipe, $this> */
    public function recipe(): BelongsTo
    {
        return $this->belongsTo(StoredRecipe::class, 'recipe_id')->withTrashed();
    }

    public function truth(): ?SimulatedPot
    {
        return $this->seed === null ? null : new SimulatedPot($this->seed);
    }

    /**
     * How long its hands took in the latest cooks, the last first.
     *
     * @return list<array<string, float>>
     */
    public static function paces(): array
    {
        $paces = [];
        foreach (
            Household::stored(
                self::query()->whereNotNull('paces')->orderByDesc('finished_at')->limit(self::LATEST)->select('paces'),
            ) as $cook
        ) {
            $paces[] = array_map(floatval(...), $cook->paces ?? []);
        }

        return $paces;
    }

    /**
     * What is on the stove, the first begun first.
     *
     * @param Builder<self> $query
     */
    public function scopeOnTheStove(Builder $query): void
    {
        $query->whereNull('finished_at')->with('events')->orderBy('began_at')->orderBy('id');
    }
}
