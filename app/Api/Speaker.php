<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A scratch voice. */
final readonly class Speaker extends Answer
{
    public function __construct(
        public string $id,
        public string $name,
    ) {
    }
}
