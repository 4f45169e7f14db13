<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A file that comes in, in parts. */
final readonly class Upload extends Answer
{
    public function __construct(
        public string $id,
        /** bytes of each part */
        public int $part,
    ) {
    }
}
