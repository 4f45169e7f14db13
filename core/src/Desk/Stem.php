<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Answer;

/** How wide a part is over time: frame, and width as a fraction of the widest stem; straight between neighbours. */
final readonly class Stem extends Answer
{
    public function __construct(
        public string $colour,
        /** @var list<array{int, float}> */
        public array $points,
    ) {
    }
}
