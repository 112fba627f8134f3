<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * What the maker thought of putting one thing in the place of another.
 *
 * @property string $out
 * @property string $in
 * @property int $verdict 1 good, 0 so-so, -1 not again
 * @property string $note
 */
final class SwapMemory extends Model
{
    public $timestamps = false;

    protected $fillable = ['out', 'in', 'verdict', 'note'];

    /** @var array<string, string> */
    protected $casts = ['verdict' => 'integer'];

    /**
     * What was thought of standing in for this.
     *
     * @param Builder<self> $query
     */
    public function scopeFor(Builder $query, string $out): void
    {
        $query->where('out', $out);
    }
}
