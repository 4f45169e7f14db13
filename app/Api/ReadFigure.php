<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A figure of a table before anything is made of it. */
final readonly class ReadFigure extends Answer
{
    public function __construct(
        public string $id,
        public string $label,
        public float $share,
        public string $shareText,
        public string $colour,
    ) {
    }
}
