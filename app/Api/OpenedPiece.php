<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** What the desk opens with: a piece, and what is computed of it; null where that is refused. */
final readonly class OpenedPiece extends Answer
{
    public function __construct(
        public StoredPiece $piece,
        public ?Computed $computed,
    ) {
    }
}
