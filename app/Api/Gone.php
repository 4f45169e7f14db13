<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** What is not there any more. */
final readonly class Gone extends Answer
{
    public function __construct(
        public string $id,
    ) {
    }
}
