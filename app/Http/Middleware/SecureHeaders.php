<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/**
 * No request leaves the machine, and nothing runs that we did not ship. The nonce is for the component library's
 * styles.
 */
final class SecureHeaders
{
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        $response = $next($request);
        $response->headers->add([
            'Content-Security-Policy' => implode('; ', [
                "default-src 'none'",
                "script-src 'self' 'nonce-{$nonce}'",
                "style-src 'self' 'nonce-{$nonce}'",
                "font-src 'self'",
                "img-src 'self' data:",
                "connect-src 'self'",
                "media-src 'self'",
                "manifest-src 'self'",
                "base-uri 'none'",
                $request->is('sign-in', 'sign-out') ? "form-action 'self'" : "form-action 'none'",
                "frame-ancestors 'none'",
            ]),
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'no-referrer',
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Cross-Origin-Resource-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
        ]);

        // what runs here, and in which version, is nobody's business
        headers_sent() || header_remove('X-Powered-By');

        return $response;
    }
}
