<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

use Lupine\Core\Piece\Coat\Ink;

/** What colour an ink is on a part. */
final readonly class Inks
{
    /** @param string $part the part's own colour, such as #2f6b52 */
    public static function on(string $part, Ink $ink): string
    {
        $colour = $ink->colour ?? $part;

        return $ink->shade === 0.0
            ? $colour
            : Colour::hex($colour)
                ->mixedWith(Colour::hex($ink->shade > 0 ? '#ffffff' : '#000000'), abs($ink->shade))
                ->toHex();
    }
}
