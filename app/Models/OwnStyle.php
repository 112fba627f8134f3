<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Vinculum\Recipe\Formats\Json;
use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * A style of the household's own.
 *
 * @phpstan-import-type StyleArray from RecipeDocument
 *
 * @property string $slug
 * @property StyleArray $document
 * @property Carbon|null $deleted_at
 */
final class OwnStyle extends Model
{
    use SoftDeletes;

    public $incrementing = false;

    protected $primaryKey = 'slug';

    protected $keyType = 'string';

    protected $fillable = ['slug', 'document'];

    /** @var array<string, string> */
    protected $casts = ['document' => DocumentCast::class];

    /**
     * @param string $document as it is kept
     * @return StyleArray
     */
    public static function read(string $document): array
    {
        /** @var StyleArray $read */
        $read = Json::arrays(Json::decode($document));

        return $read;
    }
}
