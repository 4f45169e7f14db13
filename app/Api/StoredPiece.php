<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** A stored piece as the desk receives it. */
final readonly class StoredPiece extends Answer
{
    public function __construct(
        public string $id,
        public int $version,
        /** the save that led to it, by the name that the desk gave it */
        public ?string $save,
        public bool $canUndo,
        public bool $canRedo,
        public ?string $updatedAt,
        #[TypedAs('Piece')]
        public \stdClass $document,
    ) {
    }
}
