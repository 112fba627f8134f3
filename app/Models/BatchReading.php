<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Vinculum\Log\Reading;

/**
 * What an instrument said of a batch. One that was wrong is set aside, with what replaced it, and never erased.
 *
 * @property int $id
 * @property string $batch_id
 * @property 'ph'|'brix'|'salt'|'mass' $kind
 * @property float $value
 * @property bool $hot
 * @property bool $rested
 * @property 'calibrated'|'uncalibrated'|'strips' $instrument
 * @property string $note
 * @property Carbon|null $set_aside_at
 * @property int|null $instead_of
 */
final class BatchReading extends Model
{
    protected $fillable = [
        'batch_id',
        'kind',
        'value',
        'hot',
        'rested',
        'instrument',
        'note',
        'set_aside_at',
        'instead_of',
    ];

    /** @var array<string, string> */
    protected $casts = ['value' => 'float', 'hot' => 'boolean', 'rested' => 'boolean', 'set_aside_at' => 'datetime'];

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    public function stands(): bool
    {
        return $this->set_aside_at === null;
    }

    public function setAside(): void
    {
        $this->update(['set_aside_at' => Carbon::now()]);
    }

    public function reading(): Reading
    {
        return new Reading($this->kind, $this->value, $this->hot, $this->rested, $this->instrument);
    }
}
