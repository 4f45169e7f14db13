<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** Where nobody speaks in a sound, in milliseconds. */
final readonly class Pauses extends Answer
{
    public function __construct(
        /** @var list<array{float,float}> */
        public array $pauses,
    ) {
    }
}
