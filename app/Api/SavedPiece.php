<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** What a save led to; the document is that of whoever saved. */
final readonly class SavedPiece extends Answer
{
    public function __construct(
        public string $id,
        public int $version,
        public bool $canUndo,
        public bool $canRedo,
    ) {
    }
}
