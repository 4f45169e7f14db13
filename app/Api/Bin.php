<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** What was deleted and can still be put back, the last first. */
final readonly class Bin extends Answer
{
    public function __construct(
        /** @var list<BinEntry> */
        public array $pieces,
        /** of days that a piece is kept here */
        public int $days,
    ) {
    }
}
