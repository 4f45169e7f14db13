<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

/** What a shaper made of a text: its signs from left to right, as they are seen, and its width in font units. */
final readonly class ShapedText
{
    /** @param list<Glyph> $glyphs */
    public function __construct(public float $width, public array $glyphs, public bool $isFromRight = false)
    {
    }
}
