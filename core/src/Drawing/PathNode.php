<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Track;
use Lupine\Core\Reel\Blur;
use Lupine\Core\Reel\Paint;

/** An outline that is filled, sharp or blurred, or that a line runs along. */
final readonly class PathNode implements Node
{
    /** @var Track<Paint> */
    public Track $fill;

    /**
     * @param Track<string> $outline SVG path data; empty where nothing is drawn
     * @param Paint|Track<Paint> $fill
     * @param float $opacity 0 to 1
     * @param string|null $trackOf the figure whose track this is
     * @param Stroke|null $stroke the line that the paint is for; null where it fills the outline
     */
    public function __construct(
        public Track $outline,
        Paint|Track $fill,
        public float $opacity = 1.0,
        public ?Blur $effect = null,
        public ?Mark $mark = null,
        public ?string $trackOf = null,
        public ?Stroke $stroke = null,
    ) {
        $this->fill = $fill instanceof Paint ? Track::constant($fill) : $fill;
    }
}
