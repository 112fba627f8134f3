<?php

declare(strict_types=1);

namespace App\Models;

use App\Pantry\Preferences;
use Illuminate\Database\Eloquent\Model;
use Vinculum\Recipe\Formats\Json;

/**
 * The one row that keeps how this household measures and reads.
 *
 * @property int $id
 * @property PreferencesArray $document
 *
 * @phpstan-import-type PreferencesArray from Preferences
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
        /** @var PreferencesArray $read */
        $read = Json::arrays(Json::decode($document));

        return Preferences::of($read);
    }

    public static function keep(Preferences $preferences): void
    {
        self::query()->updateOrCreate(['id' => self::ONLY], ['document' => $preferences->document()]);
    }
}
