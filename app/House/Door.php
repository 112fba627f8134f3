<?php

declare(strict_types=1);

namespace App\House;

use App\Models\Device;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Who may come in from the house network: whoever knows the household's passphrase, or types the six digits that the
 * first
 * machine shows. On that machine itself nobody is asked.
 */
final readonly class Door
{
    public const LEAST_LETTERS = 8;

    /** Seconds that six digits let one device in. */
    public const DIGITS_LAST = 300;

    /** In the session of a device that was let in. */
    public const DEVICE = 'device';

    private const ONLY = 1;

    public function __construct(private Hasher $hasher) {}

    /** Whether a request came over the house network: the server in front says so, and no header can. */
    public static function isFromOutside(Request $request): bool
    {
        return $request->server('VINCULUM_AT') === 'house';
    }

    public function hasPassphrase(): bool
    {
        return $this->row()?->passphrase !== null;
    }

    public function setPassphrase(string $passphrase): void
    {
        DB::table('doors')->updateOrInsert(
            ['id' => self::ONLY],
            ['passphrase' => $this->hasher->make($passphrase), 'updated_at' => Carbon::now()],
        );
        // who was let in by the old one asks again
        Device::query()->delete();
    }

    /** Six digits that let one device in, for some minutes. */
    public function pair(): string
    {
        $digits = sprintf('%06d', random_int(0, 999_999));
        DB::table('doors')->updateOrInsert(
            ['id' => self::ONLY],
            ['digits' => $this->hasher->make($digits), 'digits_until' => Carbon::now()->addSeconds(self::DIGITS_LAST)],
        );

        return $digits;
    }

    /** The device that comes in with what was typed; null where it opens nothing. Digits open once. */
    public function open(string $typed, string $name): ?Device
    {
        return DB::transaction(function () use ($typed, $name): ?Device {
            $row = $this->row();
            $typed = trim($typed);
            $isDigits
                = preg_match('/^\d{6}$/', $typed) === 1
                && $row?->digits !== null
                && $row->digits_until !== null
                && Carbon::parse($row->digits_until)->isFuture()
                && $this->hasher->check($typed, $row->digits);
            if ($isDigits) {
                DB::table('doors')
                    ->where('id', self::ONLY)
                    ->update(['digits' => null, 'digits_until' => null]);
            }
            if (! $isDigits && ($row?->passphrase === null || ! $this->hasher->check($typed, $row->passphrase))) {
                return null;
            }

            return Device::query()->create([
                'name' => $name === '' ? 'a device' : mb_substr($name, 0, 60),
                'seen_at' => Carbon::now(),
            ]);
        });
    }

    /** @return object{passphrase: string|null, digits: string|null, digits_until: string|null}|null */
    private function row(): ?object
    {
        /** @var object{passphrase: string|null, digits: string|null, digits_until: string|null}|null $row */
        $row = DB::table('doors')->find(self::ONLY);

        return $row;
    }
}
