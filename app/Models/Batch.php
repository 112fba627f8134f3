<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\BatchFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Vinculum\Log\MadeBatch;
use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * A recipe as it was made on a day, its figures frozen with it.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 * @phpstan-import-type KeptMaking from \App\Recipes\Makings
 * @phpstan-import-type Frozen from MadeBatch
 *
 * @property string $id
 * @property string $recipe_id
 * @property Carbon $made_on
 * @property RecipeArray $document
 * @property Frozen $frozen
 * @property int|null $number what a jar names it by
 * @property RecipeArray|null $planned the recipe as it was meant, where it was made otherwise
 * @property KeptMaking|null $making as it was asked for; null where nobody said
 * @property int|null $served_people how many had of it, all of it but what was left over
 * @property float|null $left_over_ml
 * @property float|null $cost of all of it, in whatever is paid with here
 * @property Carbon|null $deleted_at
 * @property string $words all it can be found by
 * @property Collection<int, Tasting> $tastings
 * @property Collection<int, JarRecord> $jars
 * @property Collection<int, BatchNote> $notes
 * @property Collection<int, BatchReading> $readings every one that was ever taken, in order
 */
final class Batch extends Model
{
    /** @use HasFactory<BatchFactory> */
    use HasFactory;
    use HasUlids;
    use SoftDeletes;

    protected $fillable = [
        'recipe_id',
        'made_on',
        'document',
        'frozen',
        'planned',
        'making',
        'served_people',
        'left_over_ml',
        'cost',
    ];

    protected $with = ['readings'];

    /** As many meals are looked back on. */
    private const MEALS = 100;

    /** @var array<string, string> */
    protected $casts = [
        'made_on' => 'date',
        'document' => DocumentCast::class,
        'frozen' => DocumentCast::class,
        'number' => 'integer',
        'planned' => DocumentCast::class,
        'making' => 'array',
        'served_people' => 'integer',
        'left_over_ml' => 'float',
        'cost' => 'float',
    ];

    protected static function booted(): void
    {
        // the next number is given while the database is held, so that no two jars name one batch
        self::creating(static function (self $batch): void {
            $batch->number ??= 1 + (int) self::withTrashed()->max('number');
        });
    }

    /**
     * What was eaten of this sauce, or of others of its kind, and by how many; the last ones.
     *
     * @return list<array{float, int}> mL, people
     */
    public static function meals(?string $style, string $name): array
    {
        $served = self::query()
            ->without('readings')
            ->whereNotNull('served_people')
            ->latest('made_on')
            ->limit(self::MEALS)
            ->get();
        $meals = [];
        foreach ($served as $batch) {
            if (
                $batch->document['name'] !== $name
                && ($style === null || ($batch->document['style'] ?? null) !== $style)
            ) {
                continue;
            }
            $eaten = $batch->made()->mixture()->volume() - ($batch->left_over_ml ?? 0.0);
            if ($eaten > 0.0) {
                $meals[] = [$eaten, (int) $batch->served_people];
            }
        }

        return $meals;
    }

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

    /** @return HasMany<Tasting, $this> */
    public function tastings(): HasMany
    {
        return $this->hasMany(Tasting::class)->orderBy('on')->orderBy('id');
    }

    /** @return HasMany<JarRecord, $this> */
    public function jars(): HasMany
    {
        return $this->hasMany(JarRecord::class, 'batch_id')->orderBy('id');
    }

    /** @return HasMany<BatchNote, $this> */
    public function notes(): HasMany
    {
        return $this->hasMany(BatchNote::class)->orderBy('id');
    }

    /** @return HasMany<BatchPicture, $this> */
    public function pictures(): HasMany
    {
        return $this->hasMany(BatchPicture::class)->orderBy('id');
    }

    /** The mean of what was said of it, from 1 to 9; null where nobody did. */
    public function liking(): ?float
    {
        $said = $this->tastings->pluck('liking')->filter(static fn (?int $liking): bool => $liking !== null);

        return $said->isEmpty() ? null : (float) $said->avg();
    }

    /**
     * Those that all the words are found in, the latest first.
     *
     * @param Builder<self> $query
     */
    public function scopeFound(Builder $query, string $typed): void
    {
        foreach (array_filter(preg_split('/\s+/u', mb_strtolower(trim($typed))) ?: []) as $word) {
            $query->whereRaw('instr(words, ?) > 0', [$word]);
        }
        $query->orderByDesc('made_on')->orderByDesc('number');
    }

    /** As core knows it: with the readings that stand. */
    public function made(): MadeBatch
    {
        return new MadeBatch($this->frozen, array_values($this->readings->filter->stands()->map->reading()->all()));
    }
}
