<?php

declare(strict_types=1);

namespace App\Api;

/** The ids of rows in another order. */
final readonly class SortedRows extends Answer
{
    public function __construct(
        /** @var list<string> */
        public array $rows,
    ) {
    }
}
