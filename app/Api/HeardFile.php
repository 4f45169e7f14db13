<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A sound that was read. */
final readonly class HeardFile extends Answer
{
    public function __construct(
        /** the fingerprint of its file */
        public string $sound,
        public string $name,
        public float $seconds,
        /** what is to be said of it */
        public ?string $note,
    ) {
    }
}
