<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** A version of a piece with its document. */
final readonly class OneVersion extends Answer
{
    public function __construct(
        public int $number,
        public ?string $name,
        public ?string $at,
        #[TypedAs('Piece')]
        public \stdClass $document,
    ) {
    }
}
