<?php

declare(strict_types=1);

namespace App\Work;

/** A finished file on the disk that is shared. */
final readonly class Result
{
    public function __construct(
        public string $file,
        public int $bytes,
        /** its SHA-256 */
        public string $print,
    ) {
    }
}
