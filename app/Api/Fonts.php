<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** The fonts of one's own. */
final readonly class Fonts extends Answer
{
    public function __construct(
        /** @var list<FontEntry> */
        public array $fonts,
    ) {
    }
}
