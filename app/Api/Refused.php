<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** What is wrong, where, and how to mend it. */
final readonly class Refused extends Answer
{
    public function __construct(
        public string $message,
        public string $where,
        public ?string $rowId,
    ) {
    }
}
