<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** Who is signed in. */
final readonly class Session extends Answer
{
    public function __construct(
        /** null: nobody */
        public ?string $name,
    ) {
    }
}
