<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Fonts\FontStore;
use App\Http\OwnAddresses;
use App\Http\Refusal;
use App\Import\IncomingFile;
use App\Kits\KitFile;
use App\Pictures\PictureStore;
use App\Voice\Uploads;
use Closure;
use Illuminate\Http\Request;
use Lupine\Core\Formats\SvgTile;
use Lupine\Core\Palette\ReadPalette;
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
        // A file as it is, which is no simple request either.
        [$most, $tooLarge] = $type === 'application/octet-stream' ? self::limitOfFile($request) : [null, ''];
        if ($most !== null) {
            return strlen($body) <= $most ? null : Refusal::answer($tooLarge, 413);
        }
        if (strlen($body) > (int) config('lupine.request_bytes')) {
            return Refusal::answer('This is too large. The limit is 4 MB.', 413);
        }
        $empty = $body === '' && ($type === '' || $type === 'application/json');

        return $empty || $type === 'application/json'
            ? null
            : Refusal::answer('Send JSON, with the header Content-Type: application/json.', 415);
    }

    /** @return array{int|null, string} bytes that a file has at most, and what is said of larger ones */
    private static function limitOfFile(Request $request): array
    {
        return match (true) {
            $request->is('api/tables') => [
                IncomingFile::MOST_BYTES,
                'This file is too large; the limit is 10 MB. Save only the sheet you need as a separate file.',
            ],
            $request->is('api/pictures') => [
                PictureStore::MOST_BYTES,
                'This picture is larger than 20 MB. Export it smaller, or as JPEG.',
            ],
            $request->is('api/fonts') => [
                FontStore::MOST_BYTES,
                'This font is larger than 15 MB. Export it with the signs that you need.',
            ],
            $request->is('api/kits/file') => [
                KitFile::MOST_BYTES,
                'This kit is larger than 20 MB. Make its pictures smaller, and export it again.',
            ],
            $request->is('api/palettes/read') => [
                ReadPalette::MOST_BYTES,
                'This is larger than 500 kB, too large for a palette. Take what you need of it.',
            ],
            $request->is('api/tiles') => [
                SvgTile::MOST_BYTES,
                'This drawing is larger than 1 MB. Simplify it and add it again.',
            ],
            $request->is('api/uploads/*') && $request->isMethod('PUT') => [
                Uploads::PART,
                'A part of a file can be 4 MB large, not more.',
            ],
            default => [null, ''],
        };
    }
}
