<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** What core makes of a document: all of it, or around a frame. */
final readonly class Computed extends Answer
{
    public function __construct(
        /** @var list<Problem> */
        public array $problems,
        public Sheet $sheet,
        #[TypedAs('Reel')]
        public ?\stdClass $reel,
    ) {
    }
}
