<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Vinculum\Stove\Event;

/**
 * One thing that happened at the stove; never changed.
 *
 * @property int $id
 * @property float $at seconds since 1970
 * @property value-of<Event::KINDS> $kind
 * @property array<string, mixed> $data
 */
final class CookEvent extends Model
{
    public $timestamps = false;

    protected $fillable = ['at', 'kind', 'data', 'key'];

    /** @var array<string, string> */
    protected $casts = ['at' => 'float', 'data' => DocumentCast::class];

    public function event(): Event
    {
        return new Event($this->id, $this->at, $this->kind, $this->data);
    }
}
