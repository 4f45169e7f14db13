<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Answer;

/** When a move runs. */
final readonly class MoveTime extends Answer
{
    public function __construct(
        public int $begin,
        public int $frames,
    ) {
    }
}
