<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

use Lupine\Core\Piece\Coat\PatternCoat;

/** The ink of a pattern: its own, that of the part, or black or white, whichever shows. */
final readonly class PatternInk
{
    /** luminance of a colour above which ink on it is black */
    private const PALE = 0.4;

    /** @param string $part the part's own colour */
    public static function on(string $part, PatternCoat $pattern): string
    {
        return match ($pattern->inked) {
            'own' => $pattern->ink,
            'part' => $part,
            default => Colour::hex($pattern->ground ?? $part)->luminance() > self::PALE ? '#000000' : '#ffffff',
        };
    }
}
