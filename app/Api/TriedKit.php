<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** A piece in a kit, before anything is taken. */
final readonly class TriedKit extends Answer
{
    public function __construct(
        #[TypedAs('Piece')]
        public \stdClass $document,
        /** the asked frame of it; null where its figures cannot be drawn */
        #[TypedAs('Reel')]
        public ?\stdClass $reel,
        /** @var list<string> what of the piece is not as the kit has it, where it is the kit that the piece took */
        public array $changes,
    ) {
    }
}
