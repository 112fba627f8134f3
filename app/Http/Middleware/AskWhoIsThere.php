<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\House\Door;
use App\Http\ErrorResponse;
use App\Http\RequestRefused;
use App\Models\Device;
use Closure;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Pipeline\Pipeline;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\Response as AnyResponse;

/**
 * Nobody comes in from the house network unless they are known: everything is refused but the one page that asks. On
 * the
 * machine itself nobody is asked, and there is no session and no cookie.
 */
final readonly class AskWhoIsThere
{
    /** What whoever is not known may ask for. */
    private const THE_PAGE = 'sign-in';

    /** Minutes between two notes of when a device was last seen. */
    private const SEEN_EVERY = 5;

    public function __construct(private Application $app) {}

    public function handle(Request $request, Closure $next): AnyResponse
    {
        if (! Door::isFromOutside($request)) {
            return $next($request);
        }

        return (new Pipeline($this->app))
            ->send($request)
            ->through([EncryptCookies::class, AddQueuedCookiesToResponse::class, StartSession::class])
            ->then(
                fn (Request $asked): AnyResponse => $this->isKnown($asked) || $asked->is(self::THE_PAGE)
                    ? self::keptByNobody($next($asked))
                    : $this->refuse($asked),
            );
    }

    /** What is answered over the house network stays in no cache, but for pictures, which go at sign-out. */
    private static function keptByNobody(AnyResponse $answer): AnyResponse
    {
        if (! str_starts_with((string) $answer->headers->get('Content-Type'), 'image/')) {
            $answer->headers->set('Cache-Control', 'no-store, private');
        }

        return $answer;
    }

    private function isKnown(Request $request): bool
    {
        $id = $request->session()->get(Door::DEVICE);
        $device = is_string($id) ? Device::query()->find($id) : null;
        if (
            $device !== null
            && ($device->seen_at === null || $device->seen_at->lt(Carbon::now()->subMinutes(self::SEEN_EVERY)))
        ) {
            $device->forceFill(['seen_at' => Carbon::now()])->save();
        }

        return $device !== null;
    }

    private function refuse(Request $request): AnyResponse
    {
        return $request->is('api/*')
            ? ErrorResponse::from(
                new RequestRefused(
                    401,
                    'sign-in',
                    'This device is not signed in. Open '.$request->getSchemeAndHttpHost().' and sign in.',
                ),
            )
            : new Response('', 302, ['Location' => '/'.self::THE_PAGE, 'Cache-Control' => 'no-store']);
    }
}
