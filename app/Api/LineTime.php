<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A line's place in time. */
final readonly class LineTime extends Answer
{
    public function __construct(
        public int $begin,
        public int $end,
    ) {
    }
}
