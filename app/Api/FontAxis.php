<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** An axis of a variable font, such as its weight. */
final readonly class FontAxis extends Answer
{
    public function __construct(
        public string $tag,
        public string $name,
        public float $min,
        public float $usual,
        public float $max,
    ) {
    }
}
