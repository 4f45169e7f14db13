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
     * @param Track<float>|null $dash length of a dash; null: the line is solid
     * @param Track<float>|null $gap from one dash to the next; null where the line is solid
     * @param Track<float>|null $offset how far into the dashes the line begins
     */
    public function __construct(
        Track|float $width,
        public string $caps = 'butt',
        public ?Track $dash = null,
        public ?Track $gap = null,
        public ?Track $offset = null,
        public ?Light $light = null,
    ) {
        $this->width = $width instanceof Track ? $width : Track::constant($width);
    }
}
