<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

/** One sign of a set text, all in font units. */
final readonly class Glyph
{
    public function __construct(
        /** which outline it is, among those of all fonts */
        public string $name,
        /** path data with y pointing down */
        public string $outline,
        public float $width,
        /** how far it stands from the beginning of its text */
        public float $x,
    ) {
    }
}
