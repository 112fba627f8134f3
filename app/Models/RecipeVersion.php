<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * A recipe as it stood on a day.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 *
 * @property int $id
 * @property RecipeArray $document
 * @property string $made_as the batch it was made as, such as "no. 14"; nothing where it was only changed
 * @property Carbon $created_at
 */
final class RecipeVersion extends Model
{
    protected $fillable = ['document', 'made_as'];

    /** @var array<string, string> */
    protected $casts = ['document' => DocumentCast::class];
}
