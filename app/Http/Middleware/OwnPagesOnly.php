<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\OwnAddresses;
use App\Http\Refusal;
use App\Import\IncomingFile;
use App\Pictures\PictureStore;
use App\Voice\Uploads;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * The API answers Lupine's own pages, and programs that are no browser; never a page from elsewhere.
 *
 * Browsers say where a request comes from in `Sec-Fetch-Site` (W3C, Fetch Metadata) and, with every write, in `Origin`.
 * What carries neither and is no JSON could still be a simple form, so bodies must be JSON: a page elsewhere cannot
 * send that without asking first, and it is never told yes.
 */
final readonly class OwnPagesOnly
{
    public function __construct(private OwnAddresses $own)
    {
    }

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $site = $request->headers->get('Sec-Fetch-Site');
        $origin = $request->headers->get('Origin');
        if (
            ($site !== null && !in_array($site, ['same-origin', 'none'], true))
            || ($origin !== null && !$this->own->hasOrigin($origin))
        ) {
            return Refusal::answer('Lupine answers its own pages only; this request came from another site.', 403);
        }
        if (!$request->isMethodSafe()) {
            return $this->refusalOfBody($request) ?? $next($request);
        }

        return $next($request);
    }

    private function refusalOfBody(Request $request): ?Response
    {
        $body = (string) $request->getContent();
        $type = strtolower(trim(explode(';', (string) $request->headers->get('Content-Type'))[0]));
        if ($request->is('api/tables') && $type === 'application/octet-stream') {
            // A file as it is, which is no simple request either.
            return strlen($body) <= IncomingFile::MOST_BYTES
                ? null
                : Refusal::answer(
                    'This file is too large; the limit is 10 MB. Save only the sheet you need as a separate file.',
                    413,
                );
        }
        if ($request->is('api/pictures') && $type === 'application/octet-stream') {
            return strlen($body) <= PictureStore::MOST_BYTES
                ? null
                : Refusal::answer('This picture is larger than 20 MB. Export it smaller, or as JPEG.', 413);
        }
        if ($request->is('api/uploads/*') && $request->isMethod('PUT') && $type === 'application/octet-stream') {
            return strlen($body) <= Uploads::PART
                ? null
                : Refusal::answer('A part of a file can be 4 MB large, not more.', 413);
        }
        if (strlen($body) > (int) config('lupine.request_bytes')) {
            return Refusal::answer('This is too large. The limit is 4 MB.', 413);
        }
        $empty = $body === '' && ($type === '' || $type === 'application/json');

        return $empty || $type === 'application/json'
            ? null
            : Refusal::answer('Send JSON, with the header Content-Type: application/json.', 415);
    }
}
