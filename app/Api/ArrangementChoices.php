<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** The rules that a piece can be arranged by. */
final readonly class ArrangementChoices extends Answer
{
    public function __construct(
        /** @var list<ArrangementChoice> */
        public array $choices,
    ) {
    }
}
