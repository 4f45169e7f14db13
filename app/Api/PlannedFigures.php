<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** Figures that come in again, before they are taken. */
final readonly class PlannedFigures extends Answer
{
    public function __construct(
        #[TypedAs('Piece')]
        public \stdClass $document,
        /** @var list<AgainRow> */
        public array $rows,
        /** @var list<string> */
        public array $remarks,
    ) {
    }
}
