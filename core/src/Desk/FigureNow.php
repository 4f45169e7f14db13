<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Answer;

/** What a figure is on one frame. */
final readonly class FigureNow extends Answer
{
    public function __construct(
        public bool $isFull,
        public string $value,
        public string $reading,
        public string $share,
        public string $measured,
    ) {
    }
}
