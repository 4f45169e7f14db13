<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

/** One colour. */
final readonly class FlatPaint implements Paint
{
    public function __construct(public string $colour)
    {
    }
}
