<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

/** The figure that an outline stands for, and what of it is in proportion. */
final readonly class ReelMark
{
    public function __construct(
        /** a chart's id */
        public string $chart,
        /** a figure's id */
        public string $figure,
        public string $label,
        /** what of it is in proportion to its figure */
        public string $measure,
        /** how much of that the whole is, in degrees or pixels; can have a track */
        public int|float $whole,
        /** @var array{float, float} what angles are measured about */
        public array $pivot,
    ) {
    }
}
