<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\RequestRefused;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Bodies are JSON of a bounded size; a plain form from another page cannot be one. */
final class AcceptOnlyJson
{
    public function handle(Request $request, Closure $next): Response
    {
        if (in_array($request->getMethod(), ['POST', 'PUT'], true)) {
            $most = config()->integer('vinculum.max_body');
            if ((int) $request->headers->get('Content-Length') > $most || strlen((string) $request->getContent()) > $most) {
                throw RequestRefused::tooLarge($most);
            }
            if (! $request->isJson()) {
                throw RequestRefused::notJson();
            }
        }

        return $next($request);
    }
}
