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
        /** by which it is told from all others: what it says and how it is set, its size aside */
        public string $key,
    ) {
    }
}
