<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Vinculum\Batch\Equipment;

/**
 * A pan, jar, bottle or blender of the household's.
 *
 * @property string $name
 * @property 'pan'|'jar'|'bottle'|'blender' $kind
 * @property float $millilitres
 * @property int $count
 * @property float|null $width_cm
 */
final class EquipmentRecord extends Model
{
    public $timestamps = false;

    protected $table = 'equipment';

    protected $fillable = ['name', 'kind', 'millilitres', 'count', 'width_cm'];

    /** @var array<string, string> */
    protected $casts = ['millilitres' => 'float', 'count' => 'integer', 'width_cm' => 'float'];

    /** @return array{name: string, kind: string, ml: float|int, count: int, width_cm: float|int|null} */
    public function document(): array
    {
        return [
            'name' => $this->name,
            'kind' => $this->kind,
            'ml' => $this->millilitres,
            'count' => $this->count,
            'width_cm' => $this->width_cm,
        ];
    }

    /** @return list<Equipment> */
    public static function owned(): array
    {
        $query = self::query();
        $query->orderBy('id');
        $owned = [];
        foreach ($query->get() as $each) {
            $owned[] = new Equipment($each->name, $each->kind, $each->millilitres, $each->count, $each->width_cm);
        }

        return $owned;
    }

    /**
     * These and no others.
     *
     * @param list<array{name: string, kind: string, ml: float|int, count: int, width_cm: float|int|null}> $kit
     */
    public static function replaceAll(array $kit): void
    {
        DB::transaction(static function () use ($kit): void {
            self::query()->delete();
            foreach ($kit as $each) {
                self::query()->create([
                    'name' => $each['name'],
                    'kind' => $each['kind'],
                    'millilitres' => $each['ml'],
                    'count' => $each['count'],
                    'width_cm' => $each['width_cm'],
                ]);
            }
        });
    }
}
