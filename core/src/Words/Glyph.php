<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

/** One character of a set text: which outline, and how far from the beginning, in font units. */
final readonly class Glyph
{
    public function __construct(public string $character, public bool $tabular, public float $x)
    {
    }
}
