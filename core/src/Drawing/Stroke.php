<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Track;

/** How a line runs along an outline, in pixels. Corners are round, so that no spike stands out. */
final readonly class Stroke
{
    /**
     * @param float $width above 0
     * @param string $caps butt or round; of the line's ends and of each dash
     * @param list<float> $dashes lengths of dashes and gaps by turns; empty for a line without gaps
     * @param Track<float>|null $offset how far into the dashes the line begins
     */
    public function __construct(
        public float $width,
        public string $caps = 'butt',
        public array $dashes = [],
        public ?Track $offset = null,
    ) {
    }
}
