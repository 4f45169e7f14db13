<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** What was typed into a number field, in the unit of the field. */
final readonly class ReadNumber extends Answer
{
    public function __construct(
        public float $value,
    ) {
    }
}
