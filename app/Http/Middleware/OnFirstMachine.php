<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\House\Door;
use App\Http\RequestRefused;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What looks after the whole house is done on the machine it lives on, whoever was let in from outside. */
final class OnFirstMachine
{
    public function handle(Request $request, Closure $next): Response
    {
        if (Door::isFromOutside($request)) {
            throw new RequestRefused(
                403,
                'first-machine-only',
                'This is done on the first machine, the one the product runs on.',
            );
        }

        return $next($request);
    }
}
