<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** Files that were asked for together, one table after the other. */
final readonly class BatchEntry extends Answer
{
    public function __construct(
        public string $id,
        public string $title,
        public int $tables,
        public int $files,
        public int $done,
        /** that wait or are being made */
        public int $busy,
        public int $failed,
        public int $bytes,
        public string $createdAt,
        /** @var list<WrongTable> the first files that could not be made, and why */
        public array $failures,
    ) {
    }
}
