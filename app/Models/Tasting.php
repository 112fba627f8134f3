<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Vinculum\Log\BlindPair;
use Vinculum\Log\Remark;
use Vinculum\Log\TastingNote;

/**
 * What somebody said of a batch.
 *
 * @property int $id
 * @property string $batch_id
 * @property Carbon $on
 * @property string $who
 * @property bool $hot
 * @property string $with
 * @property array<string, float|int> $feels
 * @property int|null $liking
 * @property string $note
 * @property bool|null $heard whether what its note says of tastes counts; null where nobody was asked
 * @property array{taste: string, steps: float|int, moved: bool|null}|null $pair of two cups, one moved by some steps
 */
final class Tasting extends Model
{
    protected $fillable = ['on', 'who', 'hot', 'with', 'feels', 'liking', 'note', 'pair', 'heard'];

    /** @var array<string, string> */
    protected $casts = [
        'on' => 'date',
        'hot' => 'boolean',
        'feels' => DocumentCast::class,
        'pair' => DocumentCast::class,
        'liking' => 'integer',
        'heard' => 'boolean',
    ];

    public function pair(): ?BlindPair
    {
        return $this->pair === null
            ? null
            : new BlindPair($this->pair['taste'], (float) $this->pair['steps'], $this->pair['moved']);
    }

    /** @param Remark|null $heard what its note says, where that was read */
    public function said(?Remark $heard = null): TastingNote
    {
        return new TastingNote(
            $this->who,
            array_map(floatval(...), $this->feels),
            $this->liking,
            $this->hot,
            $this->note,
            // what was denied once is not heard again
            $this->heard === false ? null : $heard,
        );
    }
}
