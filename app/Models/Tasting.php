<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
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
 */
final class Tasting extends Model
{
    protected $fillable = ['on', 'who', 'hot', 'with', 'feels', 'liking', 'note'];

    /** @var array<string, string> */
    protected $casts = ['on' => 'date', 'hot' => 'boolean', 'feels' => DocumentCast::class, 'liking' => 'integer'];

    public function said(): TastingNote
    {
        return new TastingNote($this->who, array_map(floatval(...), $this->feels), $this->liking, $this->hot);
    }
}
