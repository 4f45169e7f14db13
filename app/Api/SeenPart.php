<?php

declare(strict_types=1);

namespace App\Api;

/** What is seen of one part of a solid chart, against what it is. */
final readonly class SeenPart extends Answer
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
