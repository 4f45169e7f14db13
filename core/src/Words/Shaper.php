<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

/** Sets texts whose signs join, stack or run from right to left, after the tables of their fonts. */
interface Shaper
{
    /**
     * @param list<string> $fonts ids; each sign is set in the first that has it
     * @param string $text one line
     * @param array<string, bool> $features OpenType features by tag
     * @param float $spacing more between letters that do not join, in font units
     *
     * @throws BadFont where a font cannot be read
     */
    public function shape(array $fonts, string $text, array $features, float $spacing): ShapedText;
}
