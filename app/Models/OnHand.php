<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * An ingredient the household has, and what it pays for it.
 *
 * @property string $slug
 * @property bool $have
 * @property string|null $price
 * @property string|null $pack
 * @property string|null $amount
 */
final class OnHand extends Model
{
    public $incrementing = false;

    protected $table = 'on_hand';

    protected $primaryKey = 'slug';

    protected $keyType = 'string';

    protected $fillable = ['slug', 'have', 'price', 'pack', 'amount'];

    /** @var array<string, string> */
    protected $casts = ['have' => 'boolean', 'price' => 'decimal:2'];

    /**
     * @return list<string> slugs of what there is
     */
    public static function slugs(): array
    {
        /** @var list<string> $slugs */
        $slugs = self::query()->where('have', true)->pluck('slug')->all();

        return $slugs;
    }
}
