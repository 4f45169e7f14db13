<?php

declare(strict_types=1);

namespace App\Api;

/** What the figures are on one frame, by chart and figure. */
final readonly class FiguresNow extends Answer
{
    public function __construct(
        /** @var Map<Map<FigureNow>> */
        public Map $charts,
    ) {
    }
}
