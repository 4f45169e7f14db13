<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A word of the script by its place. */
final readonly class Word extends Answer
{
    public function __construct(
        public string $line,
        public int $word,
    ) {
    }
}
