<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\House\Door;
use App\Http\ErrorResponse;
use App\Http\RequestRefused;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers only when asked by our own name and from our own pages. */
final class ServeOnlyThisHost
{
    public function handle(Request $request, Closure $next): Response
    {
        $host = (string) $request->headers->get('Host');
        $name = preg_replace('/:\d+$/', '', $host);
        // the names of the house network come from the server in front, as what tells it apart does
        $given = $request->server('VINCULUM_HOSTS');
        $hosts = Door::isFromOutside($request)
            ? explode(' ', is_string($given) ? $given : '')
            : config()->array('vinculum.hosts');
        if (! in_array($name, $hosts, true)) {
            return ErrorResponse::from(RequestRefused::otherHost());
        }
        $origin = $request->headers->get('Origin');
        if ($origin !== null && $origin !== $request->getScheme().'://'.$host) {
            return ErrorResponse::from(RequestRefused::otherOrigin());
        }

        return $next($request);
    }
}
