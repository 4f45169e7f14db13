<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Texts of some length go compressed to those who take them so. The quickest level: reels are sent with every edit. */
final readonly class Compress
{
    private const LEAST = 4096;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $text = $response instanceof StreamedResponse ? false : $response->getContent();
        $type = (string) $response->headers->get('Content-Type');
        $isText = preg_match('#^(text/|application/json|image/svg)#', $type) === 1;
        if (!$isText || !is_string($text) || strlen($text) < self::LEAST) {
            return $response;
        }
        $response->headers->set('Vary', 'Accept-Encoding', false);
        if (in_array('gzip', $request->getEncodings(), true)) {
            $response->setContent((string) gzencode($text, 1));
            $response->headers->set('Content-Encoding', 'gzip');
        }

        return $response;
    }
}
