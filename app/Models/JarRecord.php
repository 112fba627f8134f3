<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A jar of a batch.
 *
 * @property int $id
 * @property string $batch_id
 * @property string $label
 * @property float|null $size_ml
 * @property string $kind
 * @property string $place
 * @property Carbon|null $opened_on
 * @property Carbon|null $gone_on
 * @property string $given_to
 * @property Carbon|null $keep_until
 * @property Batch $batch
 */
final class JarRecord extends Model
{
    protected $table = 'jars';

    protected $fillable = ['label', 'size_ml', 'kind', 'place', 'opened_on', 'gone_on', 'given_to', 'keep_until'];

    /** @var array<string, string> */
    protected $casts = ['size_ml' => 'float', 'opened_on' => 'date', 'gone_on' => 'date', 'keep_until' => 'date'];

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class, 'batch_id');
    }

    /**
     * Those that are still there, what keeps shortest first.
     *
     * @param Builder<self> $query
     */
    public function scopeToUseFirst(Builder $query, int $most): void
    {
        $query->whereNull('gone_on')->whereNotNull('keep_until')->with('batch')->orderBy('keep_until')->orderBy('id')->limit($most);
    }
}
