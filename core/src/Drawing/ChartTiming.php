<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Motion\FigureMoves;
use Lupine\Core\Motion\Presence;
use Lupine\Core\Motion\Track;
use Lupine\Core\Words\ReadingText;

/** What a chart's figures are, when they come and go, and what their readings say: one driver for all of them. */
final readonly class ChartTiming
{
    /**
     * @param array<string, FigureMoves> $moves by figure id
     * @param array<string, Track<Presence>> $presences by figure id
     * @param array<string, ReadingText> $readings by figure id
     * @param array<string, string> $colours by figure id
     */
    public function __construct(
        public Figures $figures,
        public array $moves,
        public array $presences,
        public array $readings,
        public array $colours,
        public int $shareDecimals,
    ) {
    }
}
