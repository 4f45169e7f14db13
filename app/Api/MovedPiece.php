<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** Where a piece lies on the shelf now. */
final readonly class MovedPiece extends Answer
{
    public function __construct(
        public string $id,
        public ?string $folder,
    ) {
    }
}
