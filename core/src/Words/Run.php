<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

/** One line of text, set: its glyphs and its width in font units, and the plain text beside them. */
final readonly class Run
{
    /** @param list<Glyph> $glyphs */
    public function __construct(
        public string $text,
        public FontPack $font,
        public float $width,
        public array $glyphs,
    ) {
    }
}
