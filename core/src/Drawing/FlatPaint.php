<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

/** One colour. */
final readonly class FlatPaint implements Paint
{
    public function __construct(public string $colour)
    {
    }

    public function description(): string
    {
        return $this->colour;
    }
}
