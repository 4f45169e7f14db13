<?php

declare(strict_types=1);

namespace App\Http;

use App\Desk\PlacedPiece;

/** Tells a browser to save an answer, under the title of its piece. */
final readonly class Attachment
{
    /** @param string $end of the name, with the ending of the file */
    public static function of(PlacedPiece $placed, string $end): string
    {
        $named = $placed->piece->title.($placed->shape === null ? '' : ' '.$placed->shape);
        $title = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($named)), '-');

        return sprintf('attachment; filename="%s%s"', $title === '' ? 'piece' : $title, $end);
    }
}
