<?php

declare(strict_types=1);

namespace App\Api;

/** A change that was made on an older version, and the piece as it is now. */
final readonly class Conflict extends Answer
{
    public function __construct(
        public string $message,
        public StoredPiece $piece,
    ) {
    }
}
