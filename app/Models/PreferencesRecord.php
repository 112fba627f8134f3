<?php

declare(strict_types=1);

namespace App\Models;

use App\Pantry\Preferences;
use Vinculum\Recipe\Formats\Json;
use Illuminate\Database\Eloquent\Model;

/**
 * The one row that keeps how this household measures and reads.
 *
 * @property int $id
 * @property array{measures: string, scale_g: float|int, mass: 'g'|'oz', volume: 'ml'|'cup'|'fl oz', decimal: 'point'|'comma', scale?: bool, eighths?: bool, never?: list<string>, meanings?: list<array{words: string, ingredient: string}>, kitchen?: array{rings: int, oven: bool, wakes: string, sleeps: string, zone: string}} $document
 */
final class PreferencesRecord extends Model
{
    private const ONLY = 1;

    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'preferences';

    protected $fillable = ['id', 'document'];

    /** @var array<string, string> */
    protected $casts = ['document' => DocumentCast::class];

    public function preferences(): Preferences
    {
        return Preferences::of($this->document);
    }

    /** @param string $document as it is kept */
    public static function read(string $document): Preferences
    {
        /** @var array{measures: string, scale_g: float|int, mass: 'g'|'oz', volume: 'ml'|'cup'|'fl oz', decimal: 'point'|'comma', scale?: bool, eighths?: bool, never?: list<string>, meanings?: list<array{words: string, ingredient: string}>, kitchen?: array{rings: int, oven: bool, wakes: string, sleeps: string, zone: string}} $read */
        $read = Json::arrays(Json::decode($document));

        return Preferences::of($read);
    }

    public static function keep(Preferences $preferences): void
    {
        self::query()->updateOrCreate(['id' => self::ONLY], ['document' => $preferences->document()]);
    }
}
