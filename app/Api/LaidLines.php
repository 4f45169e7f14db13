<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\Map;

/** Where the lines of a script stand. */
final readonly class LaidLines extends Answer
{
    public function __construct(
        /** @var Map<LineTime> */
        public Map $lines,
    ) {
    }
}
