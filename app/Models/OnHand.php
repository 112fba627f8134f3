<?php

declare(strict_types=1);

namespace App\Models;

use App\Pantry\Household;
use Illuminate\Database\Eloquent\Builder;
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
     * What there is of.
     *
     * @param Builder<self> $query
     */
    public function scopeInTheHouse(Builder $query): void
    {
        $query->where('have', true);
    }

    /** @return list<string> slugs of what there is */
    public static function slugs(): array
    {
        return array_values(Household::stored(self::query()->inTheHouse())->pluck('slug')->map(strval(...))->all());
    }

    /** @return array{have: bool, price: float|null, pack: string|null, amount: string|null} */
    public static function noted(?self $record): array
    {
        return [
            'have' => $record->have ?? false,
            'price' => $record?->price === null ? null : (float) $record->price,
            'pack' => $record?->pack,
            'amount' => $record?->amount,
        ];
    }
}
