<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A piece that was deleted. */
final readonly class BinEntry extends Answer
{
    public function __construct(
        public string $id,
        public string $title,
        public ?string $folder,
        public ?string $deletedAt,
        /** whole days until it is gone for good */
        public int $daysLeft,
    ) {
    }
}
