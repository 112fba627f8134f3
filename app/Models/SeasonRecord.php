<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * When a thing is in season where this household is.
 *
 * @property string $slug
 * @property int|null $first
 * @property int|null $last
 */
final class SeasonRecord extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'seasons';

    protected $primaryKey = 'slug';

    protected $keyType = 'string';

    protected $fillable = ['slug', 'first', 'last'];

    /** @var array<string, string> */
    protected $casts = ['first' => 'integer', 'last' => 'integer'];
}
