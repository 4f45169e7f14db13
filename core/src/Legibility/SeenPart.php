<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

/** What is seen of one part of a solid chart, against what it is. */
final readonly class SeenPart
{
    public function __construct(
        public string $figure,
        public string $label,
        public string $colour,
        public string $trueText,
        public string $seenText,
        public float $factor,
    ) {
    }
}
