<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** One thing that is not right with a piece in a shape. */
final readonly class VerdictProblem extends Answer
{
    public function __construct(
        /** null: every shape that was looked at, or the piece’s own */
        public ?string $shape,
        public string $message,
    ) {
    }
}
