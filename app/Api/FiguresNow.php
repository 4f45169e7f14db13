<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\Map;
use Lupine\Core\Desk\FigureNow;

/** What the figures are on one frame, by chart and figure. */
final readonly class FiguresNow extends Answer
{
    public function __construct(
        /** @var Map<Map<FigureNow>> */
        public Map $charts,
    ) {
    }
}
