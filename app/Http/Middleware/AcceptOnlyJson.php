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
        foreach ($request->query->all() as $name => $value) {
            if (! is_string($value)) {
                throw RequestRefused::onceOnly((string) $name);
            }
        }
        // the method a request came with, and no other that it says it means
        if (
            in_array($request->getRealMethod(), ['POST', 'PUT', 'PATCH'], true)
            || $request->getMethod() !== $request->getRealMethod()
        ) {
            $most = config()->integer(
                $request->is('api/batches/*/pictures') ? 'vinculum.max_picture' : 'vinculum.max_body',
            );
            if (
                (int) $request->headers->get('Content-Length') > $most
                || strlen((string) $request->getContent()) > $most
            ) {
                throw RequestRefused::tooLarge($most);
            }
            if (
                preg_match(
                    '#^application/json(?:\s*;\s*charset="?utf-8"?)?$#i',
                    trim((string) $request->headers->get('Content-Type')),
                ) !== 1
            ) {
                throw RequestRefused::notJson();
            }
            if ($request->getMethod() !== $request->getRealMethod()) {
                throw RequestRefused::otherMethod();
            }
        }

        return $next($request);
    }
}
