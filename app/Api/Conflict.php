<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A change that was made on an older version, and the piece as it is now. */
final readonly class Conflict extends Answer
{
    public function __construct(
        public string $message,
        public StoredPiece $piece,
    ) {
    }
}
