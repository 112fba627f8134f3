<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\JarRecordFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Vinculum\Log\Jar;
use Vinculum\Safety\KeepingTime;

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
 * @property Carbon|null $frozen_on
 * @property Carbon|null $thawed_on
 * @property Carbon|null $gone_on
 * @property string $given_to
 * @property Carbon|null $keep_until
 * @property Batch $batch
 */
final class JarRecord extends Model
{
    /** @use HasFactory<JarRecordFactory> */
    use HasFactory;

    protected $table = 'jars';

    protected $fillable = [
        'label',
        'size_ml',
        'kind',
        'place',
        'opened_on',
        'frozen_on',
        'thawed_on',
        'gone_on',
        'given_to',
        'keep_until',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'size_ml' => 'float',
        'opened_on' => 'date',
        'frozen_on' => 'date',
        'thawed_on' => 'date',
        'gone_on' => 'date',
        'keep_until' => 'date',
    ];

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class, 'batch_id');
    }

    /**
     * A jar of a batch that was thrown away is not to be had by its address.
     *
     * @param mixed $query
     * @param mixed $value
     * @param string|null $field
     * @return Builder<self>
     */
    public function resolveRouteBindingQuery($query, $value, $field = null)
    {
        return parent::resolveRouteBindingQuery($query, $value, $field)->whereHas('batch');
    }

    /** As core knows it. */
    public function jar(): Jar
    {
        return new Jar(
            $this->batch->made_on->toDateString(),
            $this->place,
            $this->opened_on?->toDateString(),
            $this->frozen_on?->toDateString(),
            $this->thawed_on?->toDateString(),
        );
    }

    /** Kept with the day it keeps until, so that a list of thousands sorts by it. */
    public function keep(Jar $jar, ?KeepingTime $times): void
    {
        $this->fill([
            'place' => $jar->place,
            'frozen_on' => $jar->frozenOn,
            'thawed_on' => $jar->thawedOn,
            'keep_until' => $jar->keepsUntil($times),
        ])->save();
    }

    /** Whether it is still there though its day is past. */
    public function isPast(string $today): bool
    {
        return $this->gone_on === null && $this->keep_until !== null && $this->keep_until->toDateString() < $today;
    }

    /**
     * Those that are still there, their batch too, what keeps shortest first.
     *
     * @param Builder<self> $query
     */
    public function scopeToUseFirst(Builder $query, int $most): void
    {
        $query
            ->whereNull('gone_on')
            ->whereNotNull('keep_until')
            ->whereHas('batch')
            ->with('batch')
            ->orderBy('keep_until')
            ->orderBy('id')
            ->limit($most);
    }
}
