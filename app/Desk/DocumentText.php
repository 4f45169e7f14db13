<?php

declare(strict_types=1);

namespace App\Desk;

use Lupine\Core\Piece\Piece as Document;

/** A document as the text that is stored, and by whose hash what was computed of it is known. */
final class DocumentText
{
    /** @param array<string, mixed>|\stdClass $document */
    public static function of(array|\stdClass $document): string
    {
        return json_encode(
            $document,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
            Document::MAX_DEPTH,
        );
    }
}
