<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Documents\Wording;
use App\Pantry\Household;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Figures are worded in the units and with the decimal mark the household reads. */
final readonly class SpeakAsPreferred
{
    public function __construct(private Household $household) {}

    /**
     * @param Closure(Request): Response $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        Wording::speak($this->household->preferences());

        return $next($request);
    }
}
