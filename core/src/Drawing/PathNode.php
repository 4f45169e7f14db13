<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Track;

/** A filled outline, sharp or blurred. */
final readonly class PathNode implements Node
{
    /** @var Track<Paint> */
    public Track $fill;

    /**
     * @param Track<string> $outline SVG path data; empty where nothing is drawn
     * @param Paint|Track<Paint> $fill
     * @param float $opacity 0 to 1
     * @param float $blur standard deviation in pixels
     * @param string|null $trackOf the figure whose track this is
     */
    public function __construct(
        public Track $outline,
        Paint|Track $fill,
        public float $opacity = 1.0,
        public float $blur = 0.0,
        public ?Mark $mark = null,
        public ?string $trackOf = null,
    ) {
        $this->fill = $fill instanceof Paint ? Track::constant($fill) : $fill;
    }
}
