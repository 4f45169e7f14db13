<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A drawing as the tile of a pattern. */
final readonly class ReadTile extends Answer
{
    public function __construct(
        /** path data in a square of 100 × 100 */
        public string $tile,
    ) {
    }
}
