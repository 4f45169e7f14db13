<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A word that may stand in for one that is gone. */
final readonly class OfferedWord extends Answer
{
    public function __construct(
        public string $line,
        public int $word,
        public string $text,
    ) {
    }
}
