<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Track;
use Lupine\Core\Words\Run;

/** One line of text, set as outlines. */
final readonly class TextNode implements Node
{
    /**
     * @param Track<Run> $run
     * @param Track<float> $x left, middle or right of the text by its alignment, in pixels
     * @param Track<float> $y baseline
     * @param float $scale pixels for one font unit
     */
    public function __construct(
        public Track $run,
        public Track $x,
        public Track $y,
        public float $scale,
        public string $align,
        public string $colour,
        /** the figure whose reading this is, `total`, or null for any other text */
        public ?string $readingOf = null,
    ) {
    }
}
