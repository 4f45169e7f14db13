<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A folder of the shelf, which is there as long as a piece lies in it. */
final readonly class ShelfFolder extends Answer
{
    public function __construct(
        public string $name,
        public int $count,
    ) {
    }
}
