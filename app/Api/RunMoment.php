<?php

declare(strict_types=1);

namespace App\Api;

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
