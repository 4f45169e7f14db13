<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Track;

/** Which figure an outline is the mark of, and what of it is in proportion. */
final readonly class Mark
{
    /**
     * @param Track<array{float, float}> $drawn what of its figure is shown: the value, and its share of the whole
     * @param string $measure one of Form\Measure's values
     * @param Track<float> $whole how much of the measure the whole, or the scale, is: degrees or pixels
     * @param Point $pivot what angles are measured about
     */
    public function __construct(
        public string $chartId,
        public string $figureId,
        public string $label,
        public Track $drawn,
        public string $measure,
        public Track $whole,
        public Point $pivot,
    ) {
    }
}
