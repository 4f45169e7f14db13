<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** What an act of core led to. */
final readonly class Acted extends Answer
{
    public function __construct(
        #[TypedAs('Piece')]
        public \stdClass $document,
        /** @var list<string> ids of what was made */
        public array $made,
    ) {
    }
}
