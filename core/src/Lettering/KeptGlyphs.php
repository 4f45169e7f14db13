<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

/** Keeps what was made of the outlines of letters, so that it is made once. */
interface KeptGlyphs
{
    /** @param string $outline path data in font units */
    public function find(string $outline): ?GlyphShape;

    public function keep(string $outline, GlyphShape $shape): void;
}
