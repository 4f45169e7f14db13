<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Track;

/** A filled outline, sharp or blurred. */
final readonly class PathNode implements Node
{
    /**
     * @param Track<string> $outline SVG path data; empty where nothing is drawn
     * @param float $opacity 0 to 1
     * @param float $blur standard deviation in pixels
     */
    public function __construct(
        public Track $outline,
        public Paint $fill,
        public float $opacity = 1.0,
        public float $blur = 0.0,
        public ?Mark $mark = null,
    ) {
    }
}
