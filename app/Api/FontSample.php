<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A text in one font, as an outline in thousandths of the size, from the beginning of its baseline. */
final readonly class FontSample extends Answer
{
    public function __construct(
        public string $font,
        public string $name,
        public bool $isOwn,
        public float $width,
        public float $capHeight,
        public string $path,
    ) {
    }
}
