<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\Json;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
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
 * @property string|null $variant_of
 * @property Carbon $created_at
 * @property Carbon $updated_at
 */
final class StoredRecipe extends Model
{
    use HasUlids;
    use SoftDeletes;

    private const MOST_SHOWN = 200;

    protected $table = 'recipes';

    protected $fillable = ['name', 'document', 'revision', 'variant_of'];

    /** @var array<string, string> */
    protected $casts = ['document' => DocumentCast::class, 'revision' => 'integer'];

    /**
     * @param RecipeArray $document
     * @param string|null $variantOf the recipe it is a variant of; one of a variant belongs to the same family
     */
    public static function keep(array $document, ?string $variantOf = null): self
    {
        $first = $variantOf === null ? null : self::query()->find($variantOf);

        return self::query()->create(['name' => $document['name'], 'document' => $document, 'revision' => 1, 'variant_of' => $first === null ? null : $first->variant_of ?? $first->id]);
    }

    /**
     * The others of its family, the one it began with first.
     *
     * @return list<self>
     */
    public function family(): array
    {
        $first = $this->variant_of ?? $this->id;
        $query = self::query();
        $query->whereRaw('(id = ? or variant_of = ?) and id <> ?', [$first, $first, $this->id])->orderBy('created_at');

        return array_values($query->get()->all());
    }

    /**
     * Saves over the revision the maker saw, and no other.
     *
     * @param RecipeArray $document
     * @return bool false where it has been saved in between
     */
    public function replace(array $document, int $seenRevision): bool
    {
        $changed = self::query()->whereKey($this->id)->where('revision', $seenRevision)->update([
            'name' => $document['name'],
            'document' => Json::encode($document),
            'revision' => $seenRevision + 1,
            'updated_at' => Carbon::now(),
        ]);
        $this->refresh();

        return $changed === 1;
    }

    /**
     * Last touched first; all of them where nothing is typed.
     *
     * @return Collection<int, self>
     */
    public static function onTheShelf(string $typed): Collection
    {
        $query = self::query();
        $query->whereRaw("(instr(lower(name), lower(?)) > 0 or ? = '')", [$typed, $typed])->orderByDesc('updated_at')->limit(self::MOST_SHOWN);

        return $query->get();
    }
}
