<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** How many films were taken out of the line. */
final readonly class CancelledFilms extends Answer
{
    public function __construct(
        public int $cancelled,
    ) {
    }
}
