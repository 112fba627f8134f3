<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Vinculum\Batch\Making;
use Vinculum\Recipe\Ends;

/**
 * One making of a recipe: how much, for when, and how it ends.
 *
 * @property string $id
 * @property string $recipe_id
 * @property int|null $version of the recipe; null for as it stands
 * @property string $to
 * @property float $headspace_percent
 * @property list<string> $portions
 * @property string|null $ready on the kitchen's own clock, such as 2026-11-29 18:00
 * @property string|null $ends
 */
final class MakingRecord extends Model
{
    use HasUlids;

    protected $table = 'makings';

    protected $fillable = ['version', 'to', 'headspace_percent', 'portions', 'ready', 'ends'];

    /** @var array<string, string> */
    protected $casts = ['version' => 'integer', 'headspace_percent' => 'float', 'portions' => 'array'];

    /** @return BelongsTo<StoredRecipe, $this> */
    public function recipe(): BelongsTo
    {
        return $this->belongsTo(StoredRecipe::class, 'recipe_id');
    }

    /** @return HasMany<CookRecord, $this> */
    public function cooks(): HasMany
    {
        return $this->hasMany(CookRecord::class, 'making_id');
    }

    public function making(): Making
    {
        return new Making(
            $this->to,
            $this->headspace_percent,
            implode("\n", $this->portions),
            $this->ends === null ? null : Ends::from($this->ends),
        );
    }

    /**
     * Those that nobody has made yet, the last touched first.
     *
     * @param Builder<self> $query
     */
    public function scopeToBeMade(Builder $query, int $most): void
    {
        $query
            ->whereHas('recipe')
            ->whereDoesntHave('cooks', static fn (Builder $cooks): Builder => $cooks->whereNotNull('finished_at'))
            ->orderByDesc('updated_at')
            ->orderByDesc('id')
            ->limit($most);
    }
}
