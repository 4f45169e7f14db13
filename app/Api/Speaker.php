<?php

declare(strict_types=1);

namespace App\Api;

/** A scratch voice. */
final readonly class Speaker extends Answer
{
    public function __construct(
        public string $id,
        public string $name,
    ) {
    }
}
