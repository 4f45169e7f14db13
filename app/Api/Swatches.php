<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** Colours that can be told apart. */
final readonly class Swatches extends Answer
{
    public function __construct(
        /** @var list<string> */
        public array $swatches,
    ) {
    }
}
