<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\StoredRecipeFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Vinculum\Recipe\Formats\Json;
use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * A recipe as it is kept: its document and how often it was saved.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 *
 * @property string $id
 * @property string $name
 * @property RecipeArray $document
 * @property int $revision
 * @property string|null $variant_of the recipe its family began with; null for that one
 * @property string|null $parent_id the recipe it was made from
 * @property string|null $card what the Shelf shows of it, see ShelfCards
 * @property string|null $card_key
 * @property string $words all it is found by
 * @property-read self|null $parent
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property Carbon|null $deleted_at
 */
final class StoredRecipe extends Model
{
    /** @use HasFactory<StoredRecipeFactory> */
    use HasFactory;
    use HasUlids;
    use SoftDeletes;

    /** What a card is made of while it is of today. */
    public const ON_A_CARD = ['id', 'name', 'revision', 'updated_at', 'variant_of', 'card', 'card_key'];

    /** The recipe a family began with, of any of its rows. */
    public const FAMILY = 'coalesce(recipes.variant_of, recipes.id)';

    /** On one page of the Shelf. */
    public const PAGE = 60;

    /** What one is called that nobody has named. */
    private const UNNAMED = 'New sauce';

    /** Changes within so many minutes are one sitting, and one version. */
    private const A_SITTING = 15;

    protected $table = 'recipes';

    protected $fillable = ['name', 'document', 'revision', 'variant_of', 'parent_id', 'words'];

    /** @var array<string, string> */
    protected $casts = ['document' => DocumentCast::class, 'revision' => 'integer'];

    /**
     * @param RecipeArray $document
     * @param string|null $variantOf the recipe it was made from; one of a variant belongs to the same family
     */
    public static function keep(array $document, ?string $variantOf = null): self
    {
        $from = $variantOf === null
            ? self::ofTheFamily($document['family'] ?? '')
            : self::withTrashed()->find($variantOf);
        unset($document['family']);

        return self::query()->create([
            'name' => $document['name'],
            'document' => $document,
            'words' => self::plainWords($document),
            'revision' => 1,
            'variant_of' => $from?->familyKey(),
            'parent_id' => $from?->id,
        ]);
    }

    /** The sauce that a document names as the one it is a try of; null where there is none of that name. */
    private static function ofTheFamily(string $name): ?self
    {
        return $name === '' ? null : self::query()->where('name', $name)->orderBy('created_at')->first();
    }

    /** Another like it. */
    public function copy(): self
    {
        return self::keep(['name' => mb_substr($this->name, 0, 110).', a copy'] + $this->document, $this->id);
    }

    /** The recipe its family began with. */
    public function familyKey(): string
    {
        return $this->variant_of ?? $this->id;
    }

    /** @return BelongsTo<self, $this> the recipe its family began with; none for that one */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'variant_of');
    }

    /** @return HasMany<Batch, $this> last made first */
    public function batches(): HasMany
    {
        return $this->hasMany(Batch::class, 'recipe_id')->orderByDesc('made_on')->orderByDesc('id');
    }

    /** @return HasMany<CookRecord, $this> */
    public function cooks(): HasMany
    {
        return $this->hasMany(CookRecord::class, 'recipe_id');
    }

    /** @return HasMany<RecipeVersion, $this> the last first */
    public function versions(): HasMany
    {
        return $this->hasMany(RecipeVersion::class, 'recipe_id')->orderByDesc('id');
    }

    /** As it stands now, beside what it may become; a word for the batch it was made as. */
    public function keepVersion(string $madeAs = ''): void
    {
        $last = $this->versions()->first();
        if ($last !== null && $last->document === $this->document) {
            $last->forceFill(['made_as' => trim("{$last->made_as} {$madeAs}")])->save();

            return;
        }
        $this->versions()->create(['document' => $this->document, 'made_as' => $madeAs]);
    }

    /**
     * The others of its family, the one it began with first.
     *
     * @return Builder<self>
     */
    public function family(): Builder
    {
        return $this->withFamily()->whereKeyNot($this->id);
    }

    /**
     * It and the others of its family, the one it began with first.
     *
     * @return Builder<self>
     */
    public function withFamily(): Builder
    {
        return self::query()
            ->whereRaw(self::FAMILY.' = ?', [$this->familyKey()])
            ->orderBy('created_at')
            ->orderBy('id');
    }

    /**
     * Saves over the revision the maker saw, and no other.
     *
     * @param RecipeArray $document
     * @return bool false where it has been saved in between
     */
    public function replace(array $document, int $seenRevision): bool
    {
        // whose family it is stands beside it, where it can be joined and split
        unset($document['family']);
        $last = $this->versions()->first();
        if (
            $seenRevision === $this->revision
            && $document !== $this->document
            && ($last === null || $this->updated_at->lt(Carbon::now()->subMinutes(self::A_SITTING)))
        ) {
            $this->keepVersion();
        }
        $changed = self::query()
            ->whereKey($this->id)
            ->where('revision', $seenRevision)
            ->update([
                'name' => $document['name'],
                'document' => Json::encode($document),
                'words' => self::plainWords($document),
                'revision' => $seenRevision + 1,
                'updated_at' => Carbon::now(),
            ]);
        $this->refresh();

        return $changed === 1;
    }

    /**
     * Neither a name nor a line: nothing was begun, and nothing is lost by leaving it out.
     *
     * @param Builder<self> $query
     */
    public function scopeBlank(Builder $query): void
    {
        // written out and not bound: only so is the index of the unnamed ones used
        $query
            ->whereRaw("name = '".self::UNNAMED."'")
            ->whereRaw(
                "not exists (select 1 from json_each(recipes.document, '$.stages') stage, json_each(stage.value, "
                    ."'$.lines'))",
            );
    }

    /**
     * What it is found by until its card is worked out: its name, its kind and its ingredients.
     *
     * @param RecipeArray $document
     */
    private static function plainWords(array $document): string
    {
        $words = [$document['name'], is_string($document['style'] ?? null) ? $document['style'] : ''];
        foreach ($document['stages'] as $stage) {
            foreach ($stage['lines'] ?? [] as $line) {
                $words[] = $line['ingredient'];
            }
        }

        return mb_strtolower(implode("\n", $words));
    }

    /** How it is written that a recipe has none of it: so that nobody who looks for milk finds what is free of it. */
    public static function freeOf(string $allergen): string
    {
        return 'free:'.strrev(rtrim($allergen, 's'));
    }

    /**
     * With a word in one of its ingredients, in its kind, in what it is free of, or in anything that was said of a
     * batch.
     *
     * @param Builder<self> $query
     */
    public function scopeInIt(Builder $query, string $word): void
    {
        $query->whereRaw('instr(recipes.words, ?) > 0', [$word])->orWhereIn(
            'recipes.id',
            Batch::query()
                ->select('recipe_id')
                ->distinct()
                ->whereRaw('instr(batches.words, ?) > 0', [$word]),
        );
    }

    /**
     * Last touched first; all of them where nothing is typed.
     *
     * @param Builder<self> $query
     */
    public function scopeOnTheShelf(Builder $query, string $typed = ''): void
    {
        // "without milk", "no nuts", "milk free" are one word
        $plain
            = preg_replace(
                ['/\b(?:without|no|free (?:of|from)) (\p{L}+)/u', '/\b(\p{L}+) free\b/u'],
                '$1-free',
                mb_strtolower(trim($typed)),
            ) ?? '';
        foreach (array_filter(preg_split('/\s+/u', $plain) ?: []) as $word) {
            $word = str_ends_with($word, '-free') ? self::freeOf(substr($word, 0, -5)) : $word;
            $query->where(fn (Builder $inIt): mixed => $inIt->inIt($word));
        }
        $query->whereNotIn('recipes.id', self::withTrashed()->blank()->select('id'))->orderByDesc('updated_at');
    }

    /**
     * Those with this ingredient on one of their lines.
     *
     * @param Builder<self> $query
     */
    public function scopeUsing(Builder $query, string $slug): void
    {
        $query
            // most recipes are not found by it: read off the index alone, their documents stay shut
            ->whereRaw(
                'recipes.id in (select id from recipes where deleted_at is null '
                    .'and (card_key is null or instr(words, ?) > 0))',
                [mb_strtolower($slug)],
            )
            ->whereRaw(
                "exists (select 1 from json_each(recipes.document, '$.stages') stage, json_each(stage.value, "
                    ."'$.lines') line where json_extract(line.value, '$.ingredient') = ?)",
                [$slug],
            )
            ->orderByDesc('updated_at');
    }
}
