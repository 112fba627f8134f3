<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\House\Door;
use App\Http\Requests\PassphraseRequest;
use App\Models\Device;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;

/** The house network's door: the page that asks, and, on the first machine, who was let in. */
final readonly class DoorController
{
    /** Tries from one place in a minute; a device that was let in before is a place of its own. */
    private const A_MINUTE = 5;

    /** The cookie of a device that was let in before, and the minutes it lasts: longer than most phones. */
    private const KNOWN = 'known';

    private const KNOWN_FOR = 5 * 365 * 24 * 60;

    public function __construct(private Door $door) {}

    public function page(Request $request): View|RedirectResponse
    {
        return Door::isFromOutside($request)
            ? view('sign-in', ['trouble' => '', 'token' => $this->token($request)])
            : new RedirectResponse('/');
    }

    public function open(Request $request): View|RedirectResponse|Response
    {
        if (! Door::isFromOutside($request)) {
            return new RedirectResponse('/');
        }
        if (! hash_equals($this->token($request), (string) $request->input('_token'))) {
            return $this->again($request, 'The page was open for too long. Type it once more.', 419);
        }
        // whoever guesses is slowed where they stand, and shuts nobody else out
        $known = $request->cookie(self::KNOWN);
        $here = 'door '.(is_string($known) && $known !== '' ? "known {$known}" : $request->ip());
        if (RateLimiter::tooManyAttempts($here, self::A_MINUTE)) {
            return $this->again($request, 'That was tried too often. Wait a minute, then try again.', 429);
        }
        RateLimiter::hit($here, 60);
        $device = $this->door->open((string) $request->input('word'), trim((string) $request->input('device')));
        if ($device === null) {
            return $this->again(
                $request,
                'That opens nothing. Type the household’s passphrase, or the six digits that the first machine shows.',
                403,
            );
        }
        RateLimiter::clear($here);
        $request->session()->regenerate(true);
        $request->session()->put(Door::DEVICE, $device->id);
        Cookie::queue(self::KNOWN, is_string($known) && $known !== '' ? $known : Str::random(40), self::KNOWN_FOR);

        return new RedirectResponse('/');
    }

    public function leave(Request $request): View|RedirectResponse
    {
        return Door::isFromOutside($request)
            ? view('sign-out', ['token' => $this->token($request)])
            : new RedirectResponse('/');
    }

    /** Signs this device out: it is let in no more, and what its browser held of the house goes. */
    public function signOut(Request $request): RedirectResponse|Response
    {
        if (! Door::isFromOutside($request)) {
            return new RedirectResponse('/');
        }
        if (! hash_equals($this->token($request), (string) $request->input('_token'))) {
            return new Response(
                view('sign-out', ['token' => $this->token($request)])->render(),
                419,
                ['Cache-Control' => 'no-store'],
            );
        }
        Device::query()->whereKey($request->session()->get(Door::DEVICE))->delete();
        $request->session()->invalidate();

        return new RedirectResponse('/sign-in', 302, ['Clear-Site-Data' => '"cache"']);
    }

    /**
     * @return array<string, mixed>
     */
    public function index(Request $request): array
    {
        $mine = $request->hasSession() ? $request->session()->get(Door::DEVICE) : null;

        return [
            'is_first_machine' => ! Door::isFromOutside($request),
            'address' => config()->string('vinculum.house'),
            'has_passphrase' => $this->door->hasPassphrase(),
            'devices' => array_values(
                Device::query()
                    ->orderByDesc('seen_at')
                    ->get()
                    ->map(
                        static fn (Device $device): array => [
                            'id' => $device->id,
                            'name' => $device->name,
                            'is_this' => $device->id === $mine,
                            'seen_at' => $device->seen_at?->toIso8601ZuluString() ?? '',
                            'since' => $device->created_at->toIso8601ZuluString(),
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public function passphrase(PassphraseRequest $request): array
    {
        $this->door->setPassphrase($request->passphrase());

        return $this->index($request);
    }

    /**
     * @return array{digits: string, until: string}
     */
    public function pair(): array
    {
        return [
            'digits' => $this->door->pair(),
            'until' => Carbon::now()->addSeconds(Door::DIGITS_LAST)->toIso8601ZuluString(),
        ];
    }

    public function forget(Device $device): Response
    {
        $device->delete();

        return new Response('', 204);
    }

    /** Against a form of another page. */
    private function token(Request $request): string
    {
        return $request->session()->token();
    }

    private function again(Request $request, string $trouble, int $status): Response
    {
        return new Response(
            view('sign-in', ['trouble' => $trouble, 'token' => $this->token($request)])->render(),
            $status,
            ['Cache-Control' => 'no-store'],
        );
    }
}
