<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** What proof says of a piece in several shapes. */
final readonly class Verdict extends Answer
{
    public function __construct(
        /** the frame on which all figures have come */
        public int $frame,
        public bool $exact,
        /** @var list<VerdictProblem> */
        public array $problems,
    ) {
    }
}
