<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Answer;

/** A moment of a chart that runs, in frames. */
final readonly class RunMoment extends Answer
{
    public function __construct(
        public string $column,
        public int $frame,
        public string $at,
    ) {
    }
}
