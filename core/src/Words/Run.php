<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

/** One line of text, set: its glyphs and its width in font units, and the plain text beside them. */
final readonly class Run
{
    /** @param list<Glyph> $glyphs */
    public function __construct(
        public string $text,
        public float $width,
        public array $glyphs,
        /** by which it is told from all others: what it says and how it is set, its size aside */
        public string $key,
        /** whether it is read from right to left */
        public bool $isFromRight = false,
    ) {
    }

    /** All of it as path data, in font units from the beginning of its baseline, y pointing down. */
    public function path(): string
    {
        $moved = static fn (Glyph $glyph): string => (string) preg_replace_callback(
            '/(-?[\d.]+) (-?[\d.]+)/',
            static fn (array $point): string => round((float) $point[1] + $glyph->x, 1).' '.$point[2],
            $glyph->outline,
        );

        return implode('', array_map($moved, $this->glyphs));
    }
}
