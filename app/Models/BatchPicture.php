<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A picture of a batch.
 *
 * @property int $id
 * @property int $width
 * @property int $height
 * @property string $jpeg base64
 */
final class BatchPicture extends Model
{
    protected $fillable = ['width', 'height', 'jpeg'];

    /** @var array<string, string> */
    protected $casts = ['width' => 'integer', 'height' => 'integer'];
}
