<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\OwnIngredientRecordFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\OwnIngredient;
use Vinculum\Pantry\PlainName;

/**
 * An ingredient of the household's own, as it was described.
 *
 * @phpstan-import-type Definition from OwnIngredient
 *
 * @property string $slug
 * @property Definition $definition
 * @property string|null $name as it is shown
 * @property string|null $found_by its name and slug as a search spells them, each between bars
 * @property Carbon|null $deleted_at
 */
final class OwnIngredientRecord extends Model
{
    /** @use HasFactory<OwnIngredientRecordFactory> */
    use HasFactory;
    use SoftDeletes;

    public $incrementing = false;

    protected $table = 'own_ingredients';

    protected $primaryKey = 'slug';

    protected $keyType = 'string';

    protected $fillable = ['slug', 'definition'];

    /** @var array<string, string> */
    protected $casts = ['definition' => 'array'];

    /**
     * @param string $definition as it is kept
     * @return Definition
     */
    public static function read(string $definition): array
    {
        /** @var Definition $read */
        $read = json_decode($definition, true, flags: JSON_THROW_ON_ERROR);

        return $read;
    }

    protected static function booted(): void
    {
        static::saving(static function (self $own): void {
            $own->name = $own->definition['name'];
            $own->found_by
                = '|'
                .implode('|', array_unique(array_map(PlainName::of(...), [$own->definition['name'], $own->slug])))
                .'|';
        });
        static::saved(static fn (self $own) => $own->cardsOfRecipesAreWorkedOutAnew());
        static::deleted(static fn (self $own) => $own->cardsOfRecipesAreWorkedOutAnew());
        static::restored(static fn (self $own) => $own->cardsOfRecipesAreWorkedOutAnew());
    }

    /** Of those only that name it, by its slug or by the name it has or had. */
    private function cardsOfRecipesAreWorkedOutAnew(): void
    {
        $names = array_unique(array_filter([$this->slug, $this->name, $this->getOriginal('name')]));
        DB::table('recipes')
            ->whereNotNull('card_key')
            ->where(static function ($query) use ($names): void {
                foreach ($names as $name) {
                    $query->orWhereRaw('instr(lower(document), lower(?)) > 0', [(string) $name]);
                }
            })
            ->update(['card_key' => null]);
    }

    /**
     * Those a search may find, as the catalogue ranks them: by its whole name, its beginning, a word's beginning, all
     * words,
     * any part; then by name.
     *
     * @param Builder<self> $query
     */
    public function scopeFound(Builder $query, string $typed): void
    {
        $wanted = PlainName::of($typed);
        foreach (array_filter(explode(' ', $wanted)) as $word) {
            $query->whereRaw('instr(found_by, ?) > 0', [$word]);
        }
        if ($wanted !== '') {
            $query->orderByRaw(
                'case when instr(found_by, ?) > 0 then 0 when instr(found_by, ?) > 0 then 1 when instr(found_by, '
                    .'?) > 0 then 2 else 3 end',
                ["|{$wanted}|", "|{$wanted}", " {$wanted}"],
            );
        }
        $query->orderBy('name');
    }

    /** A slug for a name that nothing in the pantry has yet. */
    public static function freshSlug(string $name, Catalogue $catalogue): string
    {
        $base = 'my-'.(mb_substr((string) preg_replace('/^my-/', '', Str::slug($name)), 0, 60) ?: 'own');
        for (
            $slug = $base, $number = 2;
            $catalogue->find($slug) !== null || self::withTrashed()->whereKey($slug)->exists();
            $number++
        ) {
            $slug = "{$base}-{$number}";
        }

        return $slug;
    }
}
