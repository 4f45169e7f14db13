<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** All pieces to begin from. */
final readonly class Starters extends Answer
{
    public function __construct(
        /** @var list<Starter> */
        public array $starters,
    ) {
    }
}
