<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** How much of a file has come in. */
final readonly class UploadedPart extends Answer
{
    public function __construct(
        public int $bytes,
    ) {
    }
}
