<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A phone or a laptop of the household's that was let in.
 *
 * @property string $id
 * @property string $name
 * @property Carbon|null $seen_at
 * @property Carbon $created_at
 */
final class Device extends Model
{
    use HasUlids;

    protected $fillable = ['name', 'seen_at'];

    /** @var array<string, string> */
    protected $casts = ['seen_at' => 'datetime'];
}
