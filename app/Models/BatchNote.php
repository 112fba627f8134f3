<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A remark on a batch.
 *
 * @property int $id
 * @property string $text
 * @property Carbon $created_at
 */
final class BatchNote extends Model
{
    protected $fillable = ['text'];
}
