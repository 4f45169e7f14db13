<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** A part of a recording that is laid over nothing of the text, in windows of 10 ms. */
final readonly class Swallow
{
    public function __construct(
        public int $from,
        public int $to,
        /** in how many of its windows somebody speaks */
        public int $speech,
        /** the window of the shortened known voice that comes before it; −1 before the first */
        public int $after,
    ) {
    }
}
