<?php

declare(strict_types=1);

namespace App\Models;

use App\Pantry\Household;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Vinculum\Figure\Figure;

/**
 * What a hob takes off a pan on one setting, learned from weighings.
 *
 * @property string $name such as "simmer medium 24 cm"
 * @property float $grams_per_minute
 * @property float $spread half-width in ln
 * @property int $pots it was learned from
 */
final class HobRecord extends Model
{
    public $incrementing = false;

    protected $table = 'hobs';

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    protected $fillable = ['name', 'grams_per_minute', 'spread', 'pots'];

    /** @var array<string, string> */
    protected $casts = ['grams_per_minute' => 'float', 'spread' => 'float', 'pots' => 'integer'];

    /** @return array<string, Figure> g a minute, by name */
    public static function known(): array
    {
        $known = [];
        foreach (Household::rows(DB::table('hobs')) as $hob) {
            $known[(string) $hob['name']] = new Figure(
                (float) $hob['grams_per_minute'],
                (float) $hob['spread'],
                'g/min',
            );
        }

        return $known;
    }
}
