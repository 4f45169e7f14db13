<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Track;

/** How a line runs along an outline, in pixels. Corners are round, so that no spike stands out. */
final readonly class Stroke
{
    /** @var Track<float> */
    public Track $width;

    /**
     * @param Track<float>|float $width above 0
     * @param string $caps butt or round; of the line's ends and of each dash
     * @param list<float> $dashes lengths of dashes and gaps by turns; empty for a line without gaps
     * @param Track<float>|null $offset how far into the dashes the line begins
     * @param Track<float>|null $stretch by how much dashes and gaps are longer than they are told
     */
    public function __construct(
        Track|float $width,
        public string $caps = 'butt',
        public array $dashes = [],
        public ?Track $offset = null,
        public ?Track $stretch = null,
        public ?Light $light = null,
    ) {
        $this->width = $width instanceof Track ? $width : Track::constant($width);
    }
}
