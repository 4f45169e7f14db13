<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

/** One word of a line, with the frame on which it is said. */
final readonly class SpokenWord
{
    public function __construct(public string $text, public int $frame)
    {
    }
}
