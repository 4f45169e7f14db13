<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** The version of a piece that a change was made on, from `If-Match`; null where the caller does not say. */
final class WantedVersion
{
    public static function of(Request $request): ?int
    {
        $header = $request->header('If-Match');
        $tag = is_string($header) ? trim($header, '" ') : '';

        return ctype_digit($tag) ? (int) $tag : null;
    }
}
