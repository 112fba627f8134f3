<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * A mug or ladle of the household's own, measured once.
 *
 * @property string $name
 * @property float $millilitres
 */
final class Vessel extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    protected $fillable = ['name', 'millilitres'];

    /** @var array<string, string> */
    protected $casts = ['millilitres' => 'float'];

    /**
     * These and no others.
     *
     * @param array<string, float> $vessels millilitres by name
     */
    public static function replaceAll(array $vessels): void
    {
        DB::transaction(static function () use ($vessels): void {
            self::query()->delete();
            foreach ($vessels as $name => $millilitres) {
                self::query()->create(['name' => $name, 'millilitres' => $millilitres]);
            }
        });
    }
}
