<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Piece;
use App\Models\VersionConflict;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * The version of a piece that a change was made on, from `If-Match`.
 *
 * Exactly one strong entity tag is taken (RFC 9110, 13.1.1), since a change is made on one version: none at all is
 * answered with 428, and `*`, a weak tag, a list or anything else matches nothing and is answered with 412.
 */
final class WantedVersion
{
    /**
     * @throws HttpException 428 where the caller does not say
     * @throws VersionConflict 412 where it says something that no version can be
     */
    public static function of(Request $request, Piece $piece): int
    {
        $header = trim((string) $request->headers->get('If-Match'));
        if ($header === '') {
            throw new HttpException(
                428,
                'Say which version you changed: send If-Match with the ETag that you were given.',
            );
        }
        if (preg_match('/^"(\d{1,9})"$/D', $header, $tag) !== 1) {
            throw new VersionConflict($piece);
        }

        return (int) $tag[1];
    }
}
