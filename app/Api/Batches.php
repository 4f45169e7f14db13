<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** The batches of a piece, newest first. */
final readonly class Batches extends Answer
{
    public function __construct(
        /** @var list<BatchEntry> */
        public array $batches,
    ) {
    }
}
