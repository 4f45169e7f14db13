<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Headers for pages that load nothing from outside and stand in nobody else's frame. */
final readonly class SafeHeaders
{
    /** `data:` for the signs of Bootstrap's fields; `blob:` for what a page makes: pictures, and what is recorded. */
    private const POLICY = [
        "default-src 'none'",
        "script-src 'self'",
        "style-src 'self'",
        "font-src 'self'",
        "media-src 'self' blob:; img-src 'self' data: blob:",
        "connect-src 'self'",
        "base-uri 'none'",
        "form-action 'none'",
        "frame-ancestors 'none'",
    ];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        // What is handed off as a page has a stricter one of its own.
        $policy = $response->headers->get('Content-Security-Policy') ?? implode('; ', self::POLICY);
        $response->headers->add([
            'Content-Security-Policy' => $policy,
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'no-referrer',
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Cross-Origin-Resource-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), geolocation=(), microphone=(self)',
        ]);
        if (!headers_sent()) {
            header_remove('X-Powered-By');
        }
        if (!$response->headers->hasCacheControlDirective('max-age')) {
            // What is asked for again may have changed, and what another tab changed must be seen.
            $response->headers->set('Cache-Control', 'no-store');
        }

        return $response;
    }
}
