<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\OwnIngredient;

/**
 * An ingredient of the household's own, as it was described.
 *
 * @phpstan-import-type Definition from OwnIngredient
 *
 * @property string $slug
 * @property Definition $definition
 * @property Carbon|null $deleted_at
 */
final class OwnIngredientRecord extends Model
{
    use SoftDeletes;

    public $incrementing = false;

    protected $table = 'own_ingredients';

    protected $primaryKey = 'slug';

    protected $keyType = 'string';

    protected $fillable = ['slug', 'definition'];

    /** @var array<string, string> */
    protected $casts = ['definition' => 'array'];

    /** A slug for a name that nothing in the pantry has yet. */
    public static function freshSlug(string $name, Catalogue $catalogue): string
    {
        $base = 'my-'.(mb_substr((string) preg_replace('/^my-/', '', Str::slug($name)), 0, 60) ?: 'own');
        for ($slug = $base, $number = 2; $catalogue->find($slug) !== null || self::onlyTrashed()->whereKey($slug)->exists(); $number++) {
            $slug = "{$base}-{$number}";
        }

        return $slug;
    }
}
